import asyncio
class Job:
    async def run(self): raise NotImplementedError
class Crane:
    def __init__(self): self.n = 0
    async def lift(self): self.n += 1
    async def rest(self): self.n = 0
class Lift(Job):
    def __init__(self, crane): self.crane = crane
    async def run(self): await self.crane.lift()
class Rest(Job):
    def __init__(self, crane): self.crane = crane
    async def run(self): await self.crane.rest()
class Yard:
    def __init__(self): self._jobs = asyncio.Queue()
    async def post(self, job): await self._jobs.put(job)
    async def work(self):
        while not self._jobs.empty():
            job = await self._jobs.get()
            await job.run()
async def main():
    y = Yard(); c = Crane(); await y.post(Lift(c)); await y.post(Rest(c)); await y.work()
asyncio.run(main())
