class Timber:
    def __init__(self, length):
        self.length = length

    def accept(self, visitor):
        visitor.visit_timber(self)


class Rope:
    def __init__(self, coils):
        self.coils = coils

    def accept(self, visitor):
        if isinstance(visitor, Weigher):
            visitor.total += 1
        visitor.visit_rope(self)


class Pallet:
    def __init__(self, goods):
        self.goods = goods

    def accept(self, visitor):
        visitor.visit_pallet(self)


class Weigher:
    def __init__(self):
        self.total = 0

    def visit_timber(self, timber):
        self.total += timber.length * 30

    def visit_rope(self, rope):
        self.total += rope.coils * 2

    def visit_pallet(self, pallet):
        for good in pallet.goods:
            good.accept(self)


class Lister:
    def __init__(self):
        self.lines = []

    def visit_timber(self, timber):
        self.lines.append(f"timber {timber.length}")

    def visit_rope(self, rope):
        self.lines.append("rope")

    def visit_pallet(self, pallet):
        self.lines.append("pallet")
        for good in pallet.goods:
            good.accept(self)


stock = Pallet([Timber(4), Rope(2)])
weigher = Weigher()
stock.accept(weigher)
stock.accept(Lister())
