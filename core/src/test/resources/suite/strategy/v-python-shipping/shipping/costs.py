class FlatRate:
    def __init__(self, price):
        self.price = price

    def cost(self, parcel):
        return self.price


class ByWeight:
    def __init__(self, per_kilo, minimum=5):
        self.per_kilo = per_kilo
        self.minimum = minimum

    def cost(self, parcel):
        return max(self.minimum, parcel.weight * self.per_kilo)


class FreeAbove:
    """Wraps another way of costing: nothing to pay above a value."""

    def __init__(self, costing, limit):
        self.costing = costing
        self.limit = limit

    def cost(self, parcel):
        if parcel.value >= self.limit:
            return 0
        return self.costing.cost(parcel)
