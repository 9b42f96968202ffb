from abc import ABC, abstractmethod


class Fee(ABC):
    kind = ""

    @abstractmethod
    def of(self, tons): ...


class TugFee(Fee):
    kind = "tug"

    def of(self, tons):
        return 80


class FerryFee(Fee):
    kind = "ferry"

    def of(self, tons):
        return tons * 2


class Desk:
    def __init__(self, fees: list[Fee]):
        self._fees = {fee.kind: fee for fee in fees}

    def bill(self, kind, tons):
        try:
            fee = self._fees[kind]
        except KeyError:
            raise ValueError(f"no fee for {kind}") from None
        return fee.of(tons)
