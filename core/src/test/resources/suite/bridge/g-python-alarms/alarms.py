from abc import ABC, abstractmethod


class Channel(ABC):
    @abstractmethod
    def send(self, text: str, urgent: bool) -> bool:
        ...


class Pager(Channel):
    def __init__(self, number):
        self.number = number

    def send(self, text, urgent):
        if not urgent:
            return False
        print(self.number, text[:20])
        return True


class Siren(Channel):
    def send(self, text, urgent):
        if isinstance(text, FireAlarm):
            return False
        print("WEEEE" if urgent else "weee")
        return True


class Alarm:
    def __init__(self, channel: Channel):
        self._channel = channel
        self.raised = 0

    def raise_(self, where):
        self.raised += 1
        return self._channel.send(f"alarm at {where}", urgent=False)


class FireAlarm(Alarm):
    def raise_(self, where):
        self.raised += 1
        return self._channel.send(f"FIRE at {where}", urgent=True)


class DrillAlarm(Alarm):
    def __init__(self, channel, name):
        super().__init__(channel)
        self.name = name

    def raise_(self, where):
        return self._channel.send(f"drill {self.name}", urgent=False)
