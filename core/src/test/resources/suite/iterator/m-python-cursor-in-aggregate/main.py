from deck import Deck
for box in Deck(["a", "b"]):
    print(box)
