class Freighter:
    def __init__(self, load):
        self.load = load
        self.crew = 12

    def deliver(self):
        return f"{self.load} by sea with {self.crew}"


class SeaChart:
    def route(self, start, end):
        return [start, "strait", end]


class SeaFactory:
    def make_vehicle(self, load):
        return Freighter(load)

    def make_chart(self):
        return SeaChart()
