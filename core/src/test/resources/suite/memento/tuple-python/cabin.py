from crane import Crane


class Cabin:
    def __init__(self, crane):
        self.crane = crane
        self.kept = []

    def mark(self):
        self.kept.append(self.crane.save())

    def back(self):
        self.crane.restore(self.kept.pop())


cabin = Cabin(Crane())
cabin.mark()
cabin.back()
