from dataclasses import dataclass


@dataclass(frozen=True)
class Snapshot:
    lines: tuple
    colour: str


class Sketch:
    def __init__(self):
        self.lines = []
        self.colour = "black"
        self.width = 1

    def draw(self, line):
        self.lines.append(line)

    def dip(self, colour, width):
        self.colour = colour
        self.width = width

    def keep(self):
        return Snapshot(tuple(self.lines), self.colour)

    def back_to(self, snapshot):
        self.lines = list(snapshot.lines)
        self.colour = snapshot.colour
