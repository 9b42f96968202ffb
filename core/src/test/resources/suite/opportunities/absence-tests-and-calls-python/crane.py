class LiftLog:
    def note(self, text):
        print(text)


class Crane:
    def __init__(self, log=None):
        self.log = log

    def lift(self, tonnes):
        self.log and self.log.note(f"lift {tonnes}")

    def swing(self):
        self.log is not None and self.log.note("swing")

    def drop(self):
        if self.log:
            self.log.note("drop")


Crane(LiftLog()).lift(2)
