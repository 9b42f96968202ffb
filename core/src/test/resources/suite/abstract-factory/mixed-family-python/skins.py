from abc import ABC, abstractmethod


class Button(ABC):
    @abstractmethod
    def press(self): ...


class Slider(ABC):
    @abstractmethod
    def slide(self, to): ...


class DayButton(Button):
    def press(self):
        return "day"


class NightButton(Button):
    def press(self):
        return "night"


class DaySlider(Slider):
    def slide(self, to):
        return to


class NightSlider(Slider):
    def slide(self, to):
        return -to


class Skin(ABC):
    @abstractmethod
    def button(self) -> Button: ...

    @abstractmethod
    def slider(self) -> Slider: ...


class DaySkin(Skin):
    def button(self) -> Button:
        return DayButton()

    def slider(self) -> Slider:
        return DaySlider()


class NightSkin(Skin):
    def button(self) -> Button:
        return NightButton()

    def slider(self) -> Slider:
        return DaySlider()
