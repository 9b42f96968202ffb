from abc import ABC, abstractmethod

current_page = None


class Job(ABC):
    @abstractmethod
    def run(self): ...


class PrintPage(Job):
    def __init__(self, printer):
        self.printer = printer

    def run(self):
        self.printer.print(current_page)


class Feed(Job):
    def __init__(self, printer, sheets):
        self.printer = printer
        self.sheets = sheets

    def run(self):
        self.printer.feed(self.sheets)
