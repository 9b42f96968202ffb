class Cargo:
    def __init__(self, size):
        self.size = size


class Crate(Cargo):
    pass


class Barrel(Cargo):
    pass


class Scales:
    def weigh(self, cargo):
        if isinstance(cargo, Crate):
            return cargo.size * 10
        elif isinstance(cargo, Barrel):
            return cargo.size * 12
        return 0

    def name(self, cargo):
        if isinstance(cargo, Crate):
            return "crate"
        if isinstance(cargo, Barrel):
            return "barrel"
        return "?"


print(Scales().weigh(Crate(2)), Scales().name(Barrel(1)))
