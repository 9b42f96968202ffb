class _Memory:
    def __init__(self):
        self.lines = None
        self.starts = None


class Page:
    def __init__(self, text="", at=0):
        self._text = text
        self._at = at
        self._memory = _Memory()

    @property
    def lines(self):
        if self._memory.lines is None:
            self._memory.lines = self._text.split("\n")
        return self._memory.lines

    @property
    def starts(self):
        if self._memory.starts is None:
            found = [0]
            for line in self.lines:
                found.append(found[-1] + len(line) + 1)
            self._memory.starts = found
        return self._memory.starts

    @property
    def on_first_line(self):
        return self._at < self.starts[1]


class LogBook:
    def __init__(self):
        self._text = ""
        self._at = 0

    def write(self, line):
        self._text += line + "\n"

    def page(self):
        return Page(self._text, self._at)
