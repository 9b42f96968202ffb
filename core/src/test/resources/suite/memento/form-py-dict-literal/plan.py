class Moment:
    def __init__(self, state: dict):
        self._state = dict(state)

    def get(self, name):
        return self._state[name]


class Plan:
    def __init__(self):
        self._berth = ""
        self._hour = 0

    def move(self, to):
        self._berth = to
        self._hour += 1

    def save(self):
        return Moment({"berth": self._berth, "hour": self._hour})

    def restore(self, moment: Moment):
        self._berth = moment.get("berth")
        self._hour = moment.get("hour")


class Log:
    def __init__(self, plan: Plan):
        self.plan = plan
        self.past = []

    def note(self):
        self.past.append(self.plan.save())

    def undo(self):
        if not self.past:
            return
        self.plan.restore(self.past.pop())
