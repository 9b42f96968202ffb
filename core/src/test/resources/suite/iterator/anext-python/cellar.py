class Bottle:
    def __init__(self, year):
        self.year = year


class Tasting:
    def __init__(self, bottles):
        self._bottles = bottles
        self._at = 0

    def __aiter__(self):
        return self

    async def __anext__(self):
        if self._at >= len(self._bottles):
            raise StopAsyncIteration
        bottle = self._bottles[self._at]
        self._at += 1
        return bottle


class Cellar:
    def __init__(self):
        self._bottles = []

    def lay_down(self, year):
        self._bottles.append(Bottle(year))

    def __aiter__(self):
        return Tasting(self._bottles)
