from dues import ByLength, ByTonnage, Cashier


class Ship:
    def __init__(self, length, tons):
        self.length = length
        self.tons = tons


Cashier(ByLength(2.5)).charge(Ship(40, 900))
Cashier(ByTonnage(0.3)).charge(Ship(120, 9000))
