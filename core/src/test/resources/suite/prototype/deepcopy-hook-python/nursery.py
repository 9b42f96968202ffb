import copy

from bonsai import Bonsai


class Nursery:
    def __init__(self):
        self.models = {"pine": Bonsai("pine"), "elm": Bonsai("elm")}

    def order(self, name):
        return copy.deepcopy(self.models[name])
