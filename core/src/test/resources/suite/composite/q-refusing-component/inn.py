from menu import Dish, Section


class Inn:
    def __init__(self, card):
        self.card = card

    def print(self):
        self.card.show()


card = Section("card")
fish = Section("fish")
card.add(fish)
fish.add(Dish("mussels", 1450, False))
card.add(Dish("soup", 650, True))
Inn(card).print()
