from weakref import WeakValueDictionary


class Flag:
    def __init__(self, country, pattern):
        self._country = country
        self._pattern = pattern

    def draw(self, x, y):
        return f"{self._pattern} at {x},{y}"


class FlagLocker:
    def __init__(self):
        self._flags = WeakValueDictionary()

    def flag(self, country, pattern):
        key = (country, pattern)
        found = self._flags.get(key)
        if found is None:
            found = Flag(country, pattern)
            self._flags[key] = found
        return found


class Parade:
    def __init__(self, locker):
        self._locker = locker
        self._row = []

    def add(self, country, pattern):
        self._row.append(self._locker.flag(country, pattern))

    def show(self):
        return [flag.draw(i, 0) for i, flag in enumerate(self._row)]


parade = Parade(FlagLocker())
parade.add("NO", "cross")
parade.add("NO", "cross")
print(parade.show())
