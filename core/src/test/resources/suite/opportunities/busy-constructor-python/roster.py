class Roster:
    def __init__(self, path):
        with open(path) as lines:
            self.names = lines.read().split()


class Crew:
    def __init__(self, names):
        self.names = list(names)
        self.count = len(self.names)
