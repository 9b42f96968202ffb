RATES = {"barge": 40, "tanker": 400}


class Tariff:
    def __init__(self, rates=RATES):
        self.rates = rates

    def toll(self, kind):
        return self.rates[kind]

    def cheapest(self):
        return min(self.rates.values())


def total(tariff, kinds):
    return sum(tariff.toll(kind) for kind in kinds)


print(total(Tariff(), ["barge"]))
