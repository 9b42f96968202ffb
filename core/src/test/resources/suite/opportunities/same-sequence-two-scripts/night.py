from parts import Gate, Lamp, Pump


class NightCrew:
    def __init__(self, gate: Gate, pump: Pump, lamp: Lamp):
        self.gate = gate
        self.pump = pump
        self.lamp = lamp

    def admit(self):
        self.gate.lift()
        self.pump.start(20)
        self.lamp.show("white")


NightCrew(Gate(), Pump(), Lamp()).admit()
