class Mark:
    def draw(self): raise NotImplementedError
class Can(Mark):
    def draw(self): return "can"
class Cone(Mark):
    def draw(self): return "cone"
class Sphere(Mark):
    def draw(self): return "sphere"

class MarkMaker:
    def create(self, kind) -> Mark:
        if kind == "can":
            return Can()
        if kind == "cone":
            return Cone()
        if kind == "sphere":
            return Sphere()
        return None
