from heating import Boiler, Pump, Valves


class HouseHeating:
    def __init__(self, rooms):
        self._boiler = Boiler()
        self._pump = Pump()
        self._valves = Valves(rooms)

    def warm(self, room, degrees):
        if self._boiler.fire(degrees):
            self._valves.turn(room, True)
            self._pump.run(2)

    def off(self):
        self._pump.run(0)
        self._boiler.fire(0)
