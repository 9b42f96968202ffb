from abc import ABC, abstractmethod


class Light:
    def __init__(self):
        self.lit = False

    def on(self):
        self.lit = True

    def off(self):
        self.lit = False


class Command(ABC):
    @abstractmethod
    def execute(self): ...


class LightOn(Command):
    def __init__(self, light: Light):
        self._light = light

    def execute(self):
        self._light.on()


class LightOff(Command):
    def __init__(self, light: Light):
        self._light = light

    def execute(self):
        self._light.off()


class Button:
    def __init__(self, command: Command):
        self._command = command

    def press(self):
        self._command.execute()


def wire(light: Light):
    return [Button(LightOn(light)), Button(LightOff(light))]
