class Good:
    pass


class Book(Good):
    def __init__(self):
        self.pages = 9


class Toy(Good):
    def __init__(self):
        self.age = 3


class Shop:
    def price(self, good):
        if isinstance(good, Book):
            return good.pages
        if isinstance(good, Toy):
            return good.age
        return 0

    def shelf(self, good):
        return "low" if isinstance(good, Toy) else "high"
