class RadioLink:
    def __init__(self, channel):
        self.channel = channel
        self.sent = 0

    def send(self, text):
        self.sent += 1
