import copy


class Buoy:
    def __init__(self, colour):
        self.colour = colour
        self.marks = []

    def clone(self, **changes):
        other = copy.deepcopy(self)
        other.__dict__.update(changes)
        return other


class Store:
    def __init__(self):
        self._samples = {}

    def keep(self, name, buoy: Buoy):
        self._samples[name] = buoy

    def make(self, name, **changes):
        return self._samples[name].clone(**changes)
