class Route:
    def __init__(self, name, stops):
        self.name = name
        self.stops = stops
        self.tolls = []

    def add_toll(self, toll):
        self.tolls.append(toll)

    def cost(self):
        return sum(self.tolls)


def duplicate(route):
    twin = Route(route.name, list(route.stops))
    return twin


day = Route("coast", ["A", "B"])
day.add_toll(3)
print(duplicate(day).cost())
