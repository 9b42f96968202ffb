class Pump:
    def push(self, litres):
        return litres

    def name(self):
        return "pump"


class Filtered:
    def __init__(self, pump):
        self.pump = pump

    def push(self, litres):
        return self.pump.push(litres) * 0.9

    def name(self):
        return "filtered " + self.pump.name()


class Heated:
    def __init__(self, pump):
        self.pump = pump
        self.degrees = 4

    def push(self, litres):
        self.degrees += 1
        return self.pump.push(litres)

    def name(self):
        return f"heated {self.pump.name()}"


line = Heated(Filtered(Pump()))
print(line.push(10), line.name())
