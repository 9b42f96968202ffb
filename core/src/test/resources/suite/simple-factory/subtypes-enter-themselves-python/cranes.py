class Crane:
    kinds = {}

    @classmethod
    def enter(cls, key):
        Crane.kinds[key] = cls

    @staticmethod
    def of(key):
        return Crane.kinds[key]()

    def lift(self, tons):
        raise NotImplementedError


class RailCrane(Crane):
    def lift(self, tons):
        return "by rail " + str(tons)


class FloatingCrane(Crane):
    def lift(self, tons):
        return "afloat " + str(tons)


RailCrane.enter("rail")
FloatingCrane.enter("float")

if __name__ == "__main__":
    print(Crane.of("rail").lift(3))
