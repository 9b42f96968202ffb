from once import once


@once
class Beacon:
    def __init__(self):
        self.lit = False

    def light(self):
        self.lit = True
