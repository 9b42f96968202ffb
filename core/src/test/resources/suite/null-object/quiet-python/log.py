from abc import ABC, abstractmethod


class Log(ABC):
    @abstractmethod
    def write(self, line): ...


class FileLog(Log):
    def __init__(self):
        self.lines = []

    def write(self, line):
        self.lines.append(line)


class NoLog(Log):
    def write(self, line):
        pass


class Watch:
    def __init__(self, log: Log = NoLog()):
        self._log = log

    def hour(self):
        self._log.write("all well")
