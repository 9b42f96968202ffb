from abc import ABC, abstractmethod


class Sensor(ABC):
    @abstractmethod
    def read(self) -> float: ...

    @abstractmethod
    def reset(self) -> None: ...

    @abstractmethod
    def unit(self) -> str: ...


class TideSensor(Sensor):
    def __init__(self):
        self.level = 2.0

    def read(self) -> float:
        return self.level

    def reset(self) -> None:
        self.level = 0.0

    def unit(self) -> str:
        return "m"


class WindVane:
    def __init__(self):
        self.knots = 12.0

    def measure(self) -> float:
        return self.knots

    def reset(self) -> None:
        self.knots = 0.0

    def unit(self) -> str:
        return "kn"


class Panel:
    def __init__(self, sensors: list[Sensor]):
        self.sensors = sensors

    def text(self) -> str:
        return ", ".join(f"{s.read()} {s.unit()}" for s in self.sensors)


print(Panel([TideSensor()]).text(), WindVane().measure())
