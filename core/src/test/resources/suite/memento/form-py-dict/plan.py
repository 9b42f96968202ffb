import copy


class Moment:
    def __init__(self, state):
        self._state = copy.deepcopy(state)

    def state(self):
        return copy.deepcopy(self._state)


class Plan:
    def __init__(self):
        self.berth = ""
        self.stops = []

    def move(self, to):
        self.berth = to
        self.stops.append(to)

    def save(self):
        return Moment(self.__dict__)

    def restore(self, moment):
        self.__dict__.update(moment.state())


class Log:
    def __init__(self, plan):
        self.plan = plan
        self.past = []

    def note(self):
        self.past.append(self.plan.save())

    def undo(self):
        self.plan.restore(self.past.pop())
