class Gate:
    def __init__(self):
        self.is_open = False

    def open(self):
        self.is_open = True


class Chamber:
    def __init__(self):
        self.level = 0

    def fill_to(self, level):
        self.level = level
