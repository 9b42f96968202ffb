class DeckIterator:
    def __init__(self, cards):
        self._cards = cards
        self._at = 0

    def __iter__(self):
        return self

    def __next__(self):
        if self._at >= len(self._cards):
            raise StopIteration
        card = self._cards[self._at]
        self._at += 1
        return card


class Deck:
    def __init__(self):
        self._cards = []

    def put(self, card):
        self._cards.append(card)

    def __iter__(self):
        return DeckIterator(self._cards)
