class Plant:
    def accept(self, gardener):
        raise NotImplementedError


class Rose(Plant):
    def __init__(self):
        self.thorns = 12

    def accept(self, gardener):
        gardener.visit_rose(self)


class Oak(Plant):
    def __init__(self):
        self.rings = 80

    def accept(self, gardener):
        gardener.visit_oak(self)


class Bed(Plant):
    def __init__(self, plants):
        self.plants = plants

    def accept(self, gardener):
        for plant in self.plants:
            plant.accept(gardener)
        gardener.visit_bed(self)
