class Cargo:
    def __init__(self, tons):
        self.tons = tons


class Liquid(Cargo):
    flash_point = 60


class Bulk(Cargo):
    pass


class Livestock(Cargo):
    def feed(self):
        return "hay"


class Stevedore:
    def hours(self, cargo):
        if isinstance(cargo, Liquid):
            return cargo.tons / 100
        if isinstance(cargo, Bulk):
            return cargo.tons / 40
        return cargo.tons

    def gear(self, cargo: Cargo) -> str:
        match cargo:
            case Liquid():
                return "hose"
            case Livestock():
                return "ramp"
            case _:
                return "grab"
