class Job: pass
class Big(Job):
    def run(self): pass
class Quay:
    def __init__(self, one: Job): self.one = one; self.jobs: list[Job] = []
    def a1(self, j: Job):
        if isinstance(j, Big): j.run()
    def a2(self):
        if isinstance(self.one, Big): self.one.run()
    def a3(self):
        for j in self.jobs:
            if isinstance(j, Big):
                j.run()
    def a4(self, j: Job):
        if not isinstance(j, Big): return
        j.run()
    def a5(self, j: Job):
        match j:
            case Big(): j.run()
    def a6(self, j: Job):
        match j:
            case Big() as b: b.run()
    def a7(self, j: Job):
        assert isinstance(j, Big)
        j.run()
    def a8(self):
        [j.run() for j in self.jobs if isinstance(j, Big)]
