from abc import ABC, abstractmethod


class LockJob(ABC):
    @abstractmethod
    def run(self):
        ...


class OpenGate(LockJob):
    def __init__(self, gate):
        self.gate = gate

    def run(self):
        self.gate.open()


class FillChamber(LockJob):
    def __init__(self, chamber, level):
        self.chamber = chamber
        self.level = level

    def run(self):
        self.chamber.fill_to(self.level)
