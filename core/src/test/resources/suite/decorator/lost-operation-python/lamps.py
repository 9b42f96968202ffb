from abc import ABC, abstractmethod


class Lamp(ABC):
    @abstractmethod
    def on(self): ...

    @abstractmethod
    def off(self): ...


class Bulb(Lamp):
    def __init__(self):
        self.lit = False

    def on(self):
        self.lit = True

    def off(self):
        self.lit = False


class Strip(Lamp):
    def __init__(self):
        self.watts = 0

    def on(self):
        self.watts = 18

    def off(self):
        self.watts = 0


class CountedLamp(Lamp):
    def __init__(self, lamp: Lamp):
        self._lamp = lamp
        self.times = 0

    def on(self):
        self.times += 1
        self._lamp.on()

    def off(self):
        raise NotImplementedError


lamp = CountedLamp(Bulb())
lamp.on()
CountedLamp(Strip()).on()
print(lamp.times)
