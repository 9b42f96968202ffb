from kits import RedFlag, SignalKit


class Boat:
    def __init__(self, kit: SignalKit):
        self.flag = kit.make_flag()
        self.horn = kit.make_horn()

    def signal(self):
        if isinstance(self.flag, RedFlag):
            return "stop"
        return f"{self.flag.colour()} {self.horn.pitch()}"
