class Raise:
    def __init__(self, flagpole, flag):
        self.flagpole = flagpole
        self.flag = flag

    def execute(self):
        self.flagpole.hoist(self.flag)

    def undo(self):
        self.flagpole.strike()


class Dip:
    def __init__(self, flagpole):
        self.flagpole = flagpole

    def execute(self):
        self.flagpole.lower(1)

    def undo(self):
        self.flagpole.lower(-1)
