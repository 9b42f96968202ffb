from abc import ABC, abstractmethod


class Mode(ABC):
    @abstractmethod
    def call(self, lift, floor): ...

    @abstractmethod
    def arrived(self, lift): ...


class Idle(Mode):
    def call(self, lift, floor):
        lift.target = floor
        lift.mode = Moving()

    def arrived(self, lift):
        pass


class Moving(Mode):
    def call(self, lift, floor):
        lift.waiting.append(floor)

    def arrived(self, lift):
        lift.floor = lift.target
        lift.mode = Loading()


class Loading(Mode):
    def call(self, lift, floor):
        lift.waiting.append(floor)

    def arrived(self, lift):
        lift.mode = Moving() if lift.waiting else Idle()


class BoatLift:
    def __init__(self):
        self.mode: Mode = Idle()
        self.floor = 0
        self.target = 0
        self.waiting: list[int] = []

    def call(self, floor):
        self.mode.call(self, floor)

    def arrived(self):
        self.mode.arrived(self)


lift = BoatLift()
lift.call(2)
lift.arrived()
print(lift.floor)
