class Desk:
    def greet(self):
        raise NotImplementedError


class DayDesk(Desk):
    def greet(self):
        return "good day"


class NightDesk(Desk):
    def greet(self):
        return "good night"


_night = NightDesk()


def desk_for(hour):
    if 6 <= hour < 20:
        return DayDesk()
    return _night
