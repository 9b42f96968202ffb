from abc import ABC, abstractmethod


class Move(ABC):
    @abstractmethod
    def do(self): ...

    @abstractmethod
    def undo(self): ...


class Crane:
    def __init__(self):
        self.height = 0
        self.load = None

    def lift(self, metres):
        self.height += metres

    def grab(self, crate):
        self.load = crate


class Lift(Move):
    def __init__(self, crane, metres):
        self.crane = crane
        self.metres = metres

    def do(self):
        self.crane.lift(self.metres)

    def undo(self):
        self.crane.lift(-self.metres)


class Grab(Move):
    def __init__(self, crane, crate):
        self.crane = crane
        self.crate = crate

    def do(self):
        self.crane.grab(self.crate)

    def undo(self):
        pass


class Panel:
    def __init__(self):
        self._done = []

    def press(self, move):
        if isinstance(move, Grab):
            print("careful")
        move.do()
        self._done.append(move)

    def back(self):
        self._done.pop().undo()


panel = Panel()
crane = Crane()
panel.press(Lift(crane, 4))
panel.press(Grab(crane, "ALDU-1"))
panel.back()
