class Silence:
    """Stands where no reading came."""

    def __init__(self, name):
        self.name = name

    def __iter__(self):
        yield from ()

    async def __aiter__(self):
        for _ in ():
            yield

    def __len__(self):
        return 0
