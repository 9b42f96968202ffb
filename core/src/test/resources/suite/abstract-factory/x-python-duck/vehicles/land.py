class Lorry:
    def __init__(self, load):
        self.load = load

    def deliver(self):
        return f"{self.load} by road"


class RoadMap:
    def route(self, start, end):
        return [start, "motorway", end]


class LandFactory:
    def make_vehicle(self, load):
        return Lorry(load)

    def make_chart(self):
        return RoadMap()
