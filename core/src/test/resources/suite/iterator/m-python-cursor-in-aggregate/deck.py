class Deck:
    def __init__(self, boxes):
        self._boxes = list(boxes)
        self._at = 0

    def __iter__(self):
        return DeckIterator(self)

    def boxes(self):
        return self._boxes


class DeckIterator:
    def __init__(self, deck):
        self._deck = deck

    def __iter__(self):
        return self

    def __next__(self):
        if self._deck._at >= len(self._deck._boxes):
            raise StopIteration
        box = self._deck._boxes[self._deck._at]
        self._deck._at += 1
        return box
