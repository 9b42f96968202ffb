from .base import Depot, Vehicle


class Truck(Vehicle):
    def load(self, boxes):
        return min(boxes, 2)


class TruckDepot(Depot):
    def new_vehicle(self) -> Truck:
        return Truck()
