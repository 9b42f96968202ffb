class Diary:
    def __init__(self):
        self._days = {}

    def note(self, day, text):
        self._days[day] = text

    def __iter__(self):
        for day in sorted(self._days):
            yield day, self._days[day]


class Historian:
    def read(self, diary: Diary):
        for day, text in diary:
            print(day, text)
