from abc import ABC, abstractmethod


class LampState(ABC):
    @abstractmethod
    def press(self, lamp): ...


class Dark(LampState):
    def press(self, lamp):
        lamp.go("lit")


class Lit(LampState):
    def press(self, lamp):
        lamp.go("blinking")


class Blinking(LampState):
    def press(self, lamp):
        lamp.go("dark")


class Lamp:
    def __init__(self):
        self._states = {"dark": Dark(), "lit": Lit(), "blinking": Blinking()}
        self._state = self._states["dark"]

    def go(self, name):
        self._state = self._states[name]

    def press(self):
        self._state.press(self)
