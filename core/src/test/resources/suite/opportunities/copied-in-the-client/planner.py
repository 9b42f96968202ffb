from plan import MooringPlan


class Planner:
    def __init__(self):
        self.plans = []

    def again(self, plan):
        other = MooringPlan(plan.berth)
        other.lines = list(plan.lines)
        other.fenders = plan.fenders
        self.plans.append(other)
        return other

    def first(self):
        plan = MooringPlan("west")
        plan.add_line(30)
        plan.note = "mind the sill"
        return self.again(plan)
