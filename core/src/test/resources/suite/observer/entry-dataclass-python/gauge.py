from dataclasses import dataclass
from abc import ABC, abstractmethod


class Alarm(ABC):
    @abstractmethod
    def alarm(self, level): ...


class Siren(Alarm):
    def alarm(self, level): print("!")


class Board(Alarm):
    def alarm(self, level): print(level)


@dataclass
class Entry:
    limit: int
    alarm: Alarm


class Gauge:
    def __init__(self):
        self._entries: list[Entry] = []
        self._level = 0

    def join(self, limit, alarm):
        self._entries.append(Entry(limit, alarm))

    def rise(self, by):
        self._level += by
        for entry in self._entries:
            if self._level > entry.limit:
                entry.alarm.alarm(self._level)


gauge = Gauge()
gauge.join(3, Siren())
gauge.join(5, Board())
gauge.rise(4)
