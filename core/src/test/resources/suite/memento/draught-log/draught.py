from copy import deepcopy


class DraughtSheet:
    def __init__(self):
        self._rows = []
        self._closed = False

    def note(self, mark, metres):
        if self._closed:
            raise RuntimeError("sheet is closed")
        self._rows.append((mark, metres))

    def close(self):
        self._closed = True

    def snapshot(self):
        return SheetState(deepcopy(self._rows), self._closed)

    def restore(self, state):
        self._rows = deepcopy(state._rows)
        self._closed = state._closed

    def mean(self):
        return sum(m for _, m in self._rows) / len(self._rows)


class SheetState:
    __slots__ = ("_rows", "_closed")

    def __init__(self, rows, closed):
        self._rows = rows
        self._closed = closed


class Surveyor:
    def __init__(self, sheet):
        self.sheet = sheet
        self.history = []

    def note(self, mark, metres):
        self.history.append(self.sheet.snapshot())
        self.sheet.note(mark, metres)

    def back(self):
        if self.history:
            self.sheet.restore(self.history.pop())


def survey():
    surveyor = Surveyor(DraughtSheet())
    surveyor.note("fore", 7.2)
    surveyor.back()
