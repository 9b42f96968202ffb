from media.convert import Converter
from media.decoder import Decoder


def run(paths):
    converter = Converter(640)
    probe = Decoder()
    for path in paths:
        probe.open(path)
        if probe.frames():
            converter.thumbnail(path, path + ".small")
