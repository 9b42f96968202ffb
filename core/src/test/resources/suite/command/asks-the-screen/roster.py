from tasks import Task


class Gang:
    def __init__(self):
        self.log = []

    def tie_up(self, berth):
        self.log.append(f"tied {berth}")

    def let_go(self, berth):
        self.log.append(f"free {berth}")


class Roster:
    def __init__(self):
        self._waiting: list[Task] = []

    def plan(self, task: Task):
        self._waiting.append(task)

    def start_shift(self):
        while self._waiting:
            self._waiting.pop(0).run()
