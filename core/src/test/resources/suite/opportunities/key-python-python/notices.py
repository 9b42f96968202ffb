from abc import ABC, abstractmethod


class Notice(ABC):
    def __init__(self, ship):
        self.ship = ship

    @abstractmethod
    def body(self) -> str: ...


class ArrivalNotice(Notice):
    def body(self):
        return f"{self.ship} is here"


class DepartureNotice(Notice):
    def body(self):
        return f"{self.ship} has left"


class DelayNotice(Notice):
    def __init__(self, ship, hours=1):
        super().__init__(ship)
        self.hours = hours

    def body(self):
        return f"{self.ship} is {self.hours} late"


class Postroom:
    def __init__(self, outbox):
        self.outbox = outbox

    def handle(self, kind, ship):
        if kind == "arrival":
            notice = ArrivalNotice(ship)
        elif kind == "departure":
            notice = DepartureNotice(ship)
        elif kind == "delay":
            notice = DelayNotice(ship, 2)
        else:
            raise ValueError(kind)
        self.outbox.append(notice.body())
