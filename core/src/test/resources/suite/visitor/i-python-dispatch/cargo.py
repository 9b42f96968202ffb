class Cargo:
    def accept(self, visitor):
        name = "visit_" + type(self).__name__.lower()
        return getattr(visitor, name)(self)


class Box(Cargo):
    def __init__(self, kilos):
        self.kilos = kilos


class Tank(Cargo):
    def __init__(self, litres):
        self.litres = litres


class Flat(Cargo):
    def __init__(self, *on_top):
        self.on_top = on_top

    def accept(self, visitor):
        for cargo in self.on_top:
            cargo.accept(visitor)
        return super().accept(visitor)
