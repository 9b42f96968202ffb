class Sheet:
    def __init__(self, pages):
        self._pages = pages

    def pages(self):
        return self._pages


class Binder:
    def __init__(self):
        self._parts = []

    def add(self, part):
        self._parts.append(part)

    def pages(self):
        total = 1
        for part in self._parts:
            total += part.pages()
        return total


binder = Binder()
binder.add(Sheet(3))
inner = Binder()
inner.add(Sheet(2))
binder.add(inner)
print(binder.pages())
