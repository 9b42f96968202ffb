class Decoder:
    def open(self, path):
        self.path = path

    def frames(self):
        return [b"0", b"1"]
