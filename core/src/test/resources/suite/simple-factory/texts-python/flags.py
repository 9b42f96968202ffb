class Flag:
    def meaning(self):
        raise NotImplementedError


class Blue(Flag):
    def meaning(self):
        return "leaving soon"


class Yellow(Flag):
    def meaning(self):
        return "healthy"


class FlagLocker:
    def fetch(self, colour):
        if colour == "blue":
            return Blue()
        if colour == "yellow":
            return Yellow()
        raise KeyError(colour)


locker = FlagLocker()
print(locker.fetch("blue").meaning())
