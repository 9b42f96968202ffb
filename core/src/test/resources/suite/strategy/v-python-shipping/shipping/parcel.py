from dataclasses import dataclass


@dataclass
class Parcel:
    weight: float
    value: float
    country: str = "ES"


class Quote:
    def __init__(self, parcel, costing):
        self.parcel = parcel
        self._costing = costing

    def change(self, costing):
        self._costing = costing

    def price(self):
        return round(self._costing.cost(self.parcel) * (1.21 if self.parcel.country == "ES" else 1), 2)
