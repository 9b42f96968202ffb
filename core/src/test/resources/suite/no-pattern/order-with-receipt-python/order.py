class Receipt:
    def __init__(self, berth, sum_due):
        self._berth = berth
        self._sum_due = sum_due

    def text(self):
        return f"{self._berth}: {self._sum_due}"


class Stay:
    def __init__(self, berth):
        self.berth = berth
        self.nights = 0
        self.paid = False

    def stay(self, nights):
        self.nights += nights

    def cost(self):
        return self.nights * 30

    def receipt(self):
        return Receipt(self.berth, self.cost())


def leave(stay: Stay):
    stay.paid = True
    stay.nights = 3
    return stay.receipt()
