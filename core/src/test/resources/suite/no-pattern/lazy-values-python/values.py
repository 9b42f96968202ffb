class Tides:
    def __init__(self, rows):
        self._rows = rows

    def highest(self):
        return max(self._rows)

    def lowest(self):
        return min(self._rows)


class Values:
    def __init__(self):
        self._makers = {}

    def offer(self, name, maker):
        self._makers[name] = maker

    def get(self, name):
        return self._makers[name]()


tides = Tides([3, 4, 1])
values = Values()
values.offer("high", tides.highest)
values.offer("low", tides.lowest)
print(values.get("high"))
