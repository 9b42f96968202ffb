from abc import ABC, abstractmethod


class Task(ABC):
    @abstractmethod
    def run(self):
        ...


class Moor(Task):
    def __init__(self, gang, berth):
        self._gang = gang
        self._berth = berth

    def run(self):
        self._gang.tie_up(self._berth)


class CastOff(Task):
    def __init__(self, gang, berth):
        self._gang = gang
        self._berth = berth

    def run(self):
        self._gang.let_go(self._berth)
