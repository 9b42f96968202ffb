from functools import partial


class History:
    def __init__(self):
        self._done = []
        self._undone = []

    def do(self, run, undo):
        run()
        self._done.append((run, undo))
        self._undone.clear()

    def undo(self):
        if not self._done:
            return
        run, undo = self._done.pop()
        undo()
        self._undone.append((run, undo))

    def redo(self):
        if self._undone:
            run, undo = self._undone.pop()
            run()
            self._done.append((run, undo))


class Page:
    def __init__(self):
        self.lines = []

    def insert(self, at, line):
        self.lines.insert(at, line)

    def delete(self, at):
        del self.lines[at]


page = Page()
history = History()
history.do(partial(page.insert, 0, "hello"), partial(page.delete, 0))
history.undo()
