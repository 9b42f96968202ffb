class SirenBox:
    def __init__(self):
        self.seconds = 0

    def sound(self, level, duration):
        self.seconds += level * duration


class LogAlarm:
    def __init__(self):
        self.lines = []

    def raise_(self, text):
        self.lines.append(text)


class SirenAlarm:
    def __init__(self, box):
        self._box = box

    def raise_(self, text):
        self._box.sound(len(text), 10)


class Watch:
    def __init__(self, alarm):
        self._alarm = alarm

    def fire(self):
        self._alarm.raise_("fire")


Watch(SirenAlarm(SirenBox())).fire()
Watch(LogAlarm()).fire()
