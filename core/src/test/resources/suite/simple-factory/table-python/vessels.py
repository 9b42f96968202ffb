from abc import ABC, abstractmethod


class Vessel(ABC):
    @abstractmethod
    def toll(self) -> int: ...


class Barge(Vessel):
    def toll(self) -> int:
        return 40


class Tanker(Vessel):
    def __init__(self, tons=0):
        self.tons = tons

    def toll(self) -> int:
        return 400 + self.tons


KINDS = {"barge": Barge, "tanker": Tanker}


class Registry:
    def enter(self, kind: str) -> Vessel:
        try:
            return KINDS[kind]()
        except KeyError:
            raise ValueError(f"no such vessel: {kind}") from None


def main():
    registry = Registry()
    print([registry.enter(kind).toll() for kind in ("barge", "tanker")])
