from job_queue import JobQueue


class LockKeeper:
    def __init__(self, queue: JobQueue):
        self.queue = queue

    def work_off(self):
        while len(self.queue):
            job = self.queue.take()
            job.run()
