class Gate:
    def __init__(self):
        self.__class__ = ClosedGate
        self.passed = 0

    def push(self):
        raise NotImplementedError

    def lock(self):
        raise NotImplementedError


class ClosedGate(Gate):
    def push(self):
        self.passed += 1
        self.__class__ = OpenGate

    def lock(self):
        self.__class__ = LockedGate


class OpenGate(Gate):
    def push(self):
        self.__class__ = ClosedGate

    def lock(self):
        raise RuntimeError("close it first")


class LockedGate(Gate):
    def push(self):
        raise RuntimeError("locked")

    def lock(self):
        self.__class__ = ClosedGate
