class Pump:
    def fill(self, litres): ...
    def drain(self): ...


class Fill:
    def __init__(self, pump, litres):
        self.pump, self.litres = pump, litres

    def run(self):
        self.pump.fill(self.litres)


class Drain:
    def __init__(self, pump):
        self.pump = pump

    def run(self):
        self.pump.drain()


class Timer:
    def __init__(self):
        self._jobs = []

    def at(self, minute, job):
        self._jobs.append((minute, job))

    def tick(self, now):
        while self._jobs and self._jobs[0][0] <= now:
            minute, job = self._jobs.pop(0)
            job.run()


timer = Timer()
pump = Pump()
timer.at(3, Fill(pump, 20))
timer.at(5, Drain(pump))
timer.tick(7)
