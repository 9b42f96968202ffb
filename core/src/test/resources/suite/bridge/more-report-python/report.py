from abc import ABC, abstractmethod


class Printer(ABC):
    @abstractmethod
    def line(self, text): ...

    @abstractmethod
    def rule(self): ...


class PlainPrinter(Printer):
    def __init__(self, out):
        self._out = out

    def line(self, text):
        self._out.append(text)

    def rule(self):
        self._out.append("-" * 10)


class HtmlPrinter(Printer):
    def __init__(self):
        self.html = ""

    def line(self, text):
        self.html += f"<p>{text}</p>"

    def rule(self):
        self.html += "<hr>"


class Report:
    def __init__(self, printer: Printer):
        self._printer = printer

    def head(self, title):
        self._printer.line(title)
        self._printer.rule()

    def body(self, rows):
        for row in rows:
            self._printer.line(row)


class ArrivalReport(Report):
    def body(self, rows):
        self._printer.line(f"{len(rows)} arrivals")
        super().body(rows)


class FeeReport(Report):
    def body(self, rows):
        super().body(sorted(rows))
        self._printer.rule()
