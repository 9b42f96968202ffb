import asyncio


class Sounder:
    async def level(self):
        return 3


class Echo(Sounder):
    async def level(self):
        return 4


class Gauge:
    def __init__(self):
        self._sounders = []

    def join(self, sounder: Sounder):
        self._sounders.append(sounder)

    async def measure(self):
        self.last = sum(await asyncio.gather(*(sounder.level() for sounder in self._sounders)))


gauge = Gauge()
gauge.join(Sounder())
gauge.join(Echo())
