class Ledger:
    def __init__(self):
        self.count = 0

    def moored(self, barge):
        self.count += 1


class Lamp:
    def __init__(self):
        self.shown = ""

    def moored(self, barge):
        self.shown = barge
