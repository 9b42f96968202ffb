from abc import ABC, abstractmethod


class Scale(ABC):
    @abstractmethod
    def kilos(self) -> float: ...

    @abstractmethod
    def tare(self) -> None: ...


class OldBalance:
    def __init__(self) -> None:
        self._pounds = 0.0

    def load(self, pounds: float) -> None:
        self._pounds = pounds

    def weigh_pounds(self) -> float:
        return self._pounds

    def zero_pointer(self) -> None:
        self._pounds = 0.0


class BalanceScale(OldBalance, Scale):
    def kilos(self) -> float:
        return self.weigh_pounds() * 0.4536

    def tare(self) -> None:
        self.zero_pointer()


class FloorScale(Scale):
    def __init__(self) -> None:
        self._grams = 0

    def kilos(self) -> float:
        return self._grams / 1000

    def tare(self) -> None:
        self._grams = 0


def ticket(scale: Scale) -> str:
    scale.tare()
    return f"{scale.kilos():.1f} kg"


print(ticket(BalanceScale()), ticket(FloorScale()))
