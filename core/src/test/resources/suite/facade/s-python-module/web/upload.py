from media.convert import Converter


class UploadHandler:
    def __init__(self):
        self.converter = Converter()

    def post(self, path):
        return self.converter.thumbnail(path, path + ".jpg")
