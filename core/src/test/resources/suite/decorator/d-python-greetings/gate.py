from greet import Dated, Greeting, Plain, Shouted


class Gate:
    def __init__(self, greeting: Greeting) -> None:
        self.greeting = greeting

    def enter(self, ship: str) -> None:
        print(self.greeting.text(ship))


Gate(Shouted(Dated(Plain(), "Monday"))).enter("Meridian")
