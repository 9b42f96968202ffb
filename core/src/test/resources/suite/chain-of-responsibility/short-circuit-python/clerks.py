class Clerk:
    def __init__(self):
        self._next = None

    def then(self, clerk):
        self._next = clerk
        return clerk

    def signs(self, paper):
        return self.may_sign(paper) or (self._next is not None and self._next.signs(paper))

    def may_sign(self, paper):
        raise NotImplementedError


class Junior(Clerk):
    def may_sign(self, paper):
        return paper.value < 100


class Senior(Clerk):
    def may_sign(self, paper):
        return paper.value < 5000


class Paper:
    def __init__(self, value):
        self.value = value


first = Junior()
first.then(Senior())
print(first.signs(Paper(900)))
