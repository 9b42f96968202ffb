from abc import ABC, abstractmethod


class Pricing(ABC):
    @abstractmethod
    def total(self, cents: int) -> int: ...


class Regular(Pricing):
    def total(self, cents: int) -> int:
        return cents


class HappyHour(Pricing):
    def total(self, cents: int) -> int:
        return cents // 2


class Bar:
    def __init__(self, pricing: Pricing) -> None:
        self._pricing = pricing
        self._sold = 0

    @property
    def pricing(self) -> Pricing:
        return self._pricing

    @pricing.setter
    def pricing(self, pricing: Pricing) -> None:
        self._pricing = pricing

    def sell(self, cents: int) -> int:
        total = self._pricing.total(cents)
        self._sold += total
        return total


bar = Bar(Regular())
bar.sell(500)
bar.pricing = HappyHour()
bar.sell(500)
