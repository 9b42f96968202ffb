from checks import AddressCheck, WeightCheck


class Counter:
    def __init__(self):
        self.checks = WeightCheck(AddressCheck())

    def take(self, parcel):
        return self.checks.run(parcel)
