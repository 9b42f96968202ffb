class Spooler:
    def __init__(self):
        self._jobs = []

    def put(self, job):
        self._jobs.append(job)

    def work(self):
        while self._jobs:
            self._jobs.pop(0).run()


class Printer:
    def print(self, page):
        print("page", page)

    def feed(self, sheets):
        print("feed", sheets)
