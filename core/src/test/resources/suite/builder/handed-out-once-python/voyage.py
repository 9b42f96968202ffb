class Voyage:
    def __init__(self):
        self.ship = None
        self.stops = []


class Plan:
    def __init__(self):
        self.reset()

    def reset(self):
        self._voyage = Voyage()

    def ship(self, name):
        self._voyage.ship = name

    def stop(self, name):
        self._voyage.stops.append(name)

    @property
    def voyage(self):
        done = self._voyage
        self.reset()
        return done


class Agent:
    def __init__(self, plan: Plan):
        self.plan = plan

    def island(self):
        self.plan.ship("Ana")
        self.plan.stop("Aldera")
