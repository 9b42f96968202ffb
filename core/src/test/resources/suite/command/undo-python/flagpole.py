class Flagpole:
    def __init__(self):
        self.flag = None
        self.height = 9

    def hoist(self, flag):
        self.flag = flag

    def strike(self):
        self.flag = None

    def lower(self, metres):
        self.height -= metres
