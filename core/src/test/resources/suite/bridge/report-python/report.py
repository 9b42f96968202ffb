from abc import ABC, abstractmethod


class Format(ABC):
    @abstractmethod
    def line(self, name, value): ...


class Text(Format):
    def line(self, name, value):
        return f"{name}: {value}"


class Table(Format):
    def line(self, name, value):
        return f"|{name}|{value}|"


class Report(ABC):
    def __init__(self, form: Format):
        self._form = form

    def row(self, name, value):
        return self._form.line(name, value)


class TideReport(Report):
    def write(self):
        return self.row("high", 4) + self.row("low", 1)


class WindReport(Report):
    def write(self):
        return self.row("wind", 6)


class Office:
    def print(self):
        return TideReport(Text()).write() + WindReport(Table()).write()
