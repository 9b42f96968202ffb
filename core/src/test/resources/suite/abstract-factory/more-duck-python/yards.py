class SteelYard:
    def hull(self): return SteelHull()
    def mast(self): return SteelMast()


class WoodYard:
    def hull(self): return WoodHull()
    def mast(self): return WoodMast()


class SteelHull:
    def weigh(self): return 900


class WoodHull:
    def weigh(self): return 300


class SteelMast:
    def height(self): return 20


class WoodMast:
    def height(self): return 14
