from parts import Gate, Lamp, Pump


class DayCrew:
    def __init__(self):
        self.gate = Gate()
        self.pump = Pump()
        self.lamp = Lamp()

    def let_in(self, ship):
        self.gate.lift()
        self.pump.start(40)
        self.lamp.show("green")
        return ship


print(DayCrew().let_in("Ana"))
