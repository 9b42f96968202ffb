from link import RadioLink


class Tower:
    def __init__(self):
        self.radio = RadioLink(16)

    def answer(self):
        self.radio.send("tower")
