_table = None


class TideTable:
    def __init__(self):
        self._rows = {}

    def enter(self, day, metres):
        self._rows[day] = metres

    def metres(self, day):
        return self._rows.get(day)


def tide_table():
    global _table
    if _table is None:
        _table = TideTable()
    return _table
