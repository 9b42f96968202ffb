from yards import SteelYard, WoodYard


class Dock:
    def __init__(self, yard):
        self.yard = yard

    def build(self):
        hull = self.yard.hull()
        mast = self.yard.mast()
        return hull.weigh() + mast.height()


Dock(SteelYard()).build()
Dock(WoodYard()).build()
