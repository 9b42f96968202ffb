class Vessel:
    def toll(self):
        raise NotImplementedError


class Barge(Vessel):
    def toll(self):
        return 40


class Tanker(Vessel):
    def toll(self):
        return 400


def vessel_for(kind):
    if kind == "barge":
        return Barge()
    if kind == "tanker":
        return Tanker()
    raise ValueError(kind)
