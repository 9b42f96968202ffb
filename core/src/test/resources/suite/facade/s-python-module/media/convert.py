from media.decoder import Decoder
from media.scaler import Scaler
from media.writer import Writer


class Converter:
    def __init__(self, width=320):
        self._decoder = Decoder()
        self._scaler = Scaler(width)

    def thumbnail(self, source, target):
        self._decoder.open(source)
        writer = Writer()
        for frame in self._decoder.frames():
            writer.append(self._scaler.scale(frame))
        writer.close(target)
        return target
