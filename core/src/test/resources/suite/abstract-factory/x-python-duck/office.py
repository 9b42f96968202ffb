from vehicles.land import LandFactory
from vehicles.sea import SeaFactory


class Office:
    def __init__(self, factory):
        self.factory = factory

    def ship(self, load, start, end):
        vehicle = self.factory.make_vehicle(load)
        chart = self.factory.make_chart()
        return vehicle.deliver(), chart.route(start, end)


if __name__ == "__main__":
    for factory in (LandFactory(), SeaFactory()):
        print(Office(factory).ship("timber", "A", "B"))
