from link import RadioLink


class Bridge:
    def __init__(self):
        self.link = RadioLink(16)

    def call(self):
        self.link.send("bridge")
