from cashier import Cashier, by_weight, flat


def open_office():
    cashier = Cashier()
    cashier.register("w", by_weight)
    cashier.register("f", flat)
    return cashier
