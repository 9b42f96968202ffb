from commands import Dip, Raise
from flagpole import Flagpole


class Signaller:
    def __init__(self):
        self._done = []

    def run(self, command):
        command.execute()
        self._done.append(command)

    def back(self):
        if self._done:
            self._done.pop().undo()


pole = Flagpole()
signaller = Signaller()
signaller.run(Raise(pole, "blue peter"))
signaller.run(Dip(pole))
signaller.back()
