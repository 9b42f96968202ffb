from desk import Tides, Berths, Nobody


class Hall:
    def __init__(self):
        self.first = Tides(Berths(Nobody()))

    def ask(self, question):
        return self.first.answer(question)
