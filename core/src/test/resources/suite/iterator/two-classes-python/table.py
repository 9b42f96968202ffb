from deck import Deck


class Table:
    def deal(self, deck: Deck):
        return [card for card in deck]
