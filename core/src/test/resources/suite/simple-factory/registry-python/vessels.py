from abc import ABC, abstractmethod


class Vessel(ABC):
    @abstractmethod
    def fee(self): ...


class Ferry(Vessel):
    def fee(self):
        return 90


class Yacht(Vessel):
    def fee(self):
        return 30


class Vessels:
    _kinds = {"ferry": Ferry, "yacht": Yacht}

    @classmethod
    def make(cls, kind) -> Vessel:
        try:
            return cls._kinds[kind]()
        except KeyError:
            raise ValueError(f"no vessel {kind}") from None


class Till:
    def fee(self, kind):
        return Vessels.make(kind).fee()


Till().fee("ferry")
