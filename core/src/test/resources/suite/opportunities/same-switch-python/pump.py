class Pump:
    def __init__(self):
        self.mode = "off"

    def flow(self):
        if self.mode == "off":
            return 0
        if self.mode == "slow":
            return 3
        return 9

    def noise(self):
        if self.mode == "off":
            return 0
        return 40

    def press(self):
        self.mode = "slow"
