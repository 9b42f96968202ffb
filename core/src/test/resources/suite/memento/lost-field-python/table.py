from sketch import Sketch


class Table:
    def __init__(self):
        self.sketch = Sketch()
        self.kept = []

    def try_line(self, line):
        self.kept.append(self.sketch.keep())
        self.sketch.draw(line)

    def undo(self):
        self.sketch.back_to(self.kept.pop())
