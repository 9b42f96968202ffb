from freight import Consignment, Stepped


class Depot:
    def book(self, kilos, heavy=False):
        consignment = Consignment(kilos)
        if heavy:
            consignment.rate = Stepped(10)
        return consignment.total()
