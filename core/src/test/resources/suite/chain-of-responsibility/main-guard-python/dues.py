from abc import ABC, abstractmethod


class Desk(ABC):
    def __init__(self):
        self.after = None

    def before(self, desk):
        self.after = desk
        return desk

    @abstractmethod
    def settle(self, ship, dues):
        if self.after:
            return self.after.settle(ship, dues)
        return None


class Cashier(Desk):
    def settle(self, ship, dues):
        if dues < 500:
            return ship + " paid in cash"
        return super().settle(ship, dues)


class Bursar(Desk):
    def settle(self, ship, dues):
        if dues < 90000:
            return ship + " paid by letter"
        return super().settle(ship, dues)


if __name__ == "__main__":
    cashier, bursar = Cashier(), Bursar()
    cashier.before(bursar)
    for dues in (20, 7000):
        print(cashier.settle("Marta", dues))
