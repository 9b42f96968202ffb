from abc import ABC, abstractmethod


class Ledger(ABC):
    @abstractmethod
    def enter(self, line): ...


class PaperLedger(Ledger):
    def __init__(self):
        self.lines = []

    def enter(self, line):
        self.lines.append(line)


class CountingLedger(Ledger):
    def __init__(self, ledger: PaperLedger):
        self._ledger = ledger
        self.count = 0

    def enter(self, line):
        self.count += 1
        self._ledger.enter(line)


class Clerk:
    def note(self, ledger: Ledger):
        ledger.enter("rope")


def main():
    Clerk().note(CountingLedger(PaperLedger()))
