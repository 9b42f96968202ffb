from fleet import Convoy, Truck


class Depot:
    def plan(self):
        convoy = Convoy()
        convoy.join(Truck(12))
        convoy.join(Convoy())
        return convoy.cost()
