import copy


class MooringPlan:
    def __init__(self, berth):
        self.berth = berth
        self.lines = []

    def duplicate(self):
        return copy.deepcopy(self)


class TowPlan(MooringPlan):
    def __init__(self, berth, tugs):
        super().__init__(berth)
        self.tugs = tugs
