METERS = {}


def meter(kind):
    def register(cls):
        METERS[kind] = cls
        return cls

    return register


class Meter:
    def read(self):
        raise NotImplementedError


@meter("water")
class WaterMeter(Meter):
    def read(self):
        return 12


@meter("power")
class PowerMeter(Meter):
    def read(self):
        return 90


def make(kind) -> Meter:
    if kind not in METERS:
        raise ValueError(f"no meter of kind {kind}")
    return METERS[kind]()
