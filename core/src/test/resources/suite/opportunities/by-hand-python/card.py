class Card:
    def __init__(self, name, number):
        self.name = name
        self.number = number
        self.stamps = 0

    def stamp(self):
        self.stamps += 1


def second(card: Card):
    return Card(card.name, card.number)
