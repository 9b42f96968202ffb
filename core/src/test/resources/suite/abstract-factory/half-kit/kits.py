from abc import ABC, abstractmethod


class Flag(ABC):
    @abstractmethod
    def colour(self): ...


class Horn(ABC):
    @abstractmethod
    def pitch(self): ...


class RedFlag(Flag):
    def colour(self):
        return "red"


class BlueFlag(Flag):
    def colour(self):
        return "blue"


class DeepHorn(Horn):
    def pitch(self):
        return 90


class HighHorn(Horn):
    def pitch(self):
        return 700


class SignalKit(ABC):
    @abstractmethod
    def make_flag(self) -> Flag: ...

    @abstractmethod
    def make_horn(self) -> Horn: ...


class FerryKit(SignalKit):
    def make_flag(self) -> Flag:
        return RedFlag()

    def make_horn(self) -> Horn:
        return DeepHorn()


class DinghyKit(SignalKit):
    def make_flag(self) -> Flag:
        return BlueFlag()

    def make_horn(self) -> Horn:
        return None


class YachtKit(SignalKit):
    def make_flag(self) -> Flag:
        return BlueFlag()

    def make_horn(self) -> Horn:
        return HighHorn()
