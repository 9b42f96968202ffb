from abc import ABC, abstractmethod


class Permit(ABC):
    @abstractmethod
    def fee(self) -> int: ...


class DayPermit(Permit):
    def fee(self) -> int:
        return 12


class SeasonPermit(Permit):
    def fee(self) -> int:
        return 240


class PermitCounter:
    def __init__(self):
        self.taken = 0

    def sell(self, wanted: str) -> int:
        match wanted:
            case "day":
                permit = DayPermit()
            case "season":
                permit = SeasonPermit()
            case _:
                raise ValueError(wanted)
        self.taken += permit.fee()
        return permit.fee()


print(PermitCounter().sell("day"))
