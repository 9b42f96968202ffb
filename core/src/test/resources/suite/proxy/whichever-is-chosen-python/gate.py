from checks import Check, ChosenCheck, TonnageCheck


class Gate:
    def __init__(self) -> None:
        self.light = TonnageCheck(50)
        self.heavy = TonnageCheck(900)
        self.night = False
        self.by_day: Check = ChosenCheck(lambda: self.light if self.night else self.heavy)
        self.by_flag: Check = ChosenCheck(lambda: self.light)
        self.by_rule: Check = ChosenCheck(lambda: self.heavy)

    def let_in(self, ship: str, tons: int) -> bool:
        return self.by_day.passes(ship, tons)
