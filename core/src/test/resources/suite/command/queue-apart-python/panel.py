from job_queue import JobQueue
from jobs import FillChamber, OpenGate
from keeper import LockKeeper
from plant import Chamber, Gate


class Panel:
    def __init__(self):
        self.queue = JobQueue()
        self.keeper = LockKeeper(self.queue)
        self.gate = Gate()
        self.chamber = Chamber()

    def let_through(self):
        self.queue.put(FillChamber(self.chamber, 4))
        self.queue.put(OpenGate(self.gate))
        self.keeper.work_off()
