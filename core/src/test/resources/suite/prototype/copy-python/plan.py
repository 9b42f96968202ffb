import copy


class Plan:
    def __init__(self, name):
        self.name = name
        self.steps = []

    def add(self, step):
        self.steps.append(step)

    def clone(self):
        return copy.deepcopy(self)


class Office:
    def draft(self, plan):
        return plan.clone()
