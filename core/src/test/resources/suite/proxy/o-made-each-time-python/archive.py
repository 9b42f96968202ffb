class Archive:
    def search(self, word):
        raise NotImplementedError


class TapeArchive(Archive):
    def __init__(self):
        self.tape = list(range(1000))

    def search(self, word):
        return [at for at in self.tape if at % len(word) == 0]


class GuardedArchive(Archive):
    def __init__(self, user):
        self._user = user
        self._tape = None

    def search(self, word):
        if self._user != "clerk":
            raise PermissionError(self._user)
        self._tape = TapeArchive()
        return self._tape.search(word)
