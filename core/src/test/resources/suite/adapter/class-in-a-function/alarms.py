from abc import ABC, abstractmethod


class Alarm(ABC):
    @abstractmethod
    def raise_(self, text): ...

    @abstractmethod
    def clear(self): ...


class SirenBox:
    def __init__(self):
        self._level = 0

    def sound(self, strength, seconds):
        self._level = strength * seconds

    def off(self):
        self._level = 0


class LogAlarm(Alarm):
    def __init__(self):
        self._lines = []

    def raise_(self, text):
        self._lines.append(text)

    def clear(self):
        self._lines.clear()


def alarm_for(box: SirenBox) -> Alarm:
    class BoxAlarm(Alarm):
        def raise_(self, text):
            box.sound(len(text), 10)

        def clear(self):
            box.off()

    return BoxAlarm()


class Watch:
    def __init__(self, alarm: Alarm):
        self._alarm = alarm

    def fire(self):
        self._alarm.raise_("fire")
        self._alarm.clear()


Watch(alarm_for(SirenBox())).fire()
Watch(LogAlarm()).fire()
