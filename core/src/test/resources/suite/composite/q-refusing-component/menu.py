class Entry:
    def add(self, entry):
        raise NotImplementedError("not a section")

    def remove(self, entry):
        raise NotImplementedError("not a section")

    def price(self):
        raise NotImplementedError("no price")

    def show(self, indent=0):
        raise NotImplementedError


class Dish(Entry):
    def __init__(self, name, cents, vegetarian):
        self.name = name
        self.cents = cents
        self.vegetarian = vegetarian

    def price(self):
        return self.cents

    def show(self, indent=0):
        mark = " (v)" if self.vegetarian else ""
        print(" " * indent + self.name + mark)


class Section(Entry):
    def __init__(self, title):
        self.title = title
        self._entries = []

    def add(self, entry):
        self._entries.append(entry)

    def remove(self, entry):
        self._entries.remove(entry)

    def show(self, indent=0):
        print(" " * indent + self.title.upper())
        for entry in self._entries:
            entry.show(indent + 2)
