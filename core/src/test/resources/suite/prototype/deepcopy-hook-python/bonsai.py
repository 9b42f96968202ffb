import copy


class Branch:
    def __init__(self, length):
        self.length = length


class Bonsai:
    def __init__(self, species):
        self.species = species
        self.branches = []
        self._cache = {}

    def grow(self, length):
        self.branches.append(Branch(length))

    def __deepcopy__(self, memo):
        fresh = type(self)(self.species)
        memo[id(self)] = fresh
        fresh.branches = copy.deepcopy(self.branches, memo)
        fresh._cache = dict(self._cache)
        return fresh
