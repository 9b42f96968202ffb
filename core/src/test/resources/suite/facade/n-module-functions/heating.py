class Boiler:
    def __init__(self):
        self.on = False

    def fire(self, degrees):
        self.on = degrees > 0
        return self.on


class Pump:
    def __init__(self):
        self.speed = 0

    def run(self, speed):
        self.speed = speed


class Valves:
    def __init__(self, rooms):
        self.open = dict.fromkeys(rooms, False)

    def turn(self, room, on):
        self.open[room] = on
