class Radio:
    def __init__(self, channel):
        self.channel = channel
        self.sent = []

    def call(self, text):
        self.sent.append(text)

    def close(self):
        self.sent.clear()


class SilentRadio:
    def call(self, text):
        pass

    def close(self):
        pass
