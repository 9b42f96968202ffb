class Numbers:
    """Counts, and keeps nothing to step through."""

    def __init__(self, start):
        self._start = start

    def up_to(self, end):
        at = self._start
        while at < end:
            yield at
            at += 1


print(list(Numbers(3).up_to(6)))
