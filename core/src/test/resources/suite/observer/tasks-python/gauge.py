import asyncio


class Tower:
    async def level(self, cm):
        print(cm)


class Lamp:
    async def level(self, cm):
        print(cm > 9)


class Gauge:
    def __init__(self):
        self._watchers = set()

    def join(self, watcher):
        self._watchers.add(watcher)

    async def measure(self, cm):
        self.cm = cm
        async with asyncio.TaskGroup() as group:
            for watcher in self._watchers:
                group.create_task(watcher.level(cm))


async def main():
    gauge = Gauge()
    gauge.join(Tower())
    gauge.join(Lamp())
    await gauge.measure(3)


asyncio.run(main())
