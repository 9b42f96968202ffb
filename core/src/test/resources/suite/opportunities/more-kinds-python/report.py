class Item:
    pass


class Crate(Item):
    def __init__(self, kilos):
        self.kilos = kilos


class Barrel(Item):
    def __init__(self, litres):
        self.litres = litres


class Report:
    def weight(self, item):
        if isinstance(item, Crate):
            return item.kilos
        if isinstance(item, Barrel):
            return item.litres * 0.9
        return 0

    def label(self, item):
        if isinstance(item, Crate):
            return "crate"
        elif isinstance(item, Barrel):
            return "barrel"
        return "?"
