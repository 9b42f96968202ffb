class Label:
    def __init__(self, text, size):
        self.text = text
        self.size = size
        self.colour = "black"

    def paint(self, colour):
        self.colour = colour

    def duplicate(self):
        return Label(self.text, self.size)


class Shelf:
    def second(self, label):
        return label.duplicate()
