import queue
import threading
from abc import ABC, abstractmethod
class Job(ABC):
    @abstractmethod
    def run(self): ...
class Crane:
    def __init__(self): self.n = 0
    def lift(self): self.n += 1
    def rest(self): self.n = 0
class Lift(Job):
    def __init__(self, crane): self.crane = crane
    def run(self): self.crane.lift()
class Rest(Job):
    def __init__(self, crane): self.crane = crane
    def run(self): self.crane.rest()
class Yard(threading.Thread):
    def __init__(self):
        super().__init__(daemon=True)
        self._jobs: queue.Queue[Job] = queue.Queue()
    def post(self, job: Job): self._jobs.put(job)
    def run(self):
        while True:
            job = self._jobs.get()
            job.run()
            self._jobs.task_done()
y = Yard(); c = Crane(); y.post(Lift(c)); y.post(Rest(c)); y.start()
