class Gate:
    def lift(self):
        self.up = True


class Pump:
    def start(self, litres):
        self.litres = litres


class Lamp:
    def show(self, colour):
        self.colour = colour
