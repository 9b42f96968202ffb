class Crane:
    def lift(self, tons):
        print("lift", tons)

    def turn(self, degrees):
        print("turn", degrees)


class Lift:
    def __init__(self, crane, tons):
        self.crane = crane
        self.tons = tons

    def execute(self):
        self.crane.lift(self.tons)


class Turn:
    def __init__(self, crane, degrees):
        self.crane = crane
        self.degrees = degrees

    def execute(self):
        self.crane.turn(self.degrees)


class Plan:
    def __init__(self):
        self.steps = []

    def add(self, step):
        self.steps.append(step)

    def run(self):
        for step in self.steps:
            step.execute()
        self.steps.clear()


crane = Crane()
plan = Plan()
plan.add(Lift(crane, 4))
plan.add(Turn(crane, 90))
plan.run()
