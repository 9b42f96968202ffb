class Winch:
    def __init__(self):
        self._turns = 0
        self._now = self._idle

    def pull(self):
        self._now("pull")

    def stop(self):
        self._now("stop")

    def _idle(self, event):
        if event == "pull":
            self._turns += 1
            self._now = self._running

    def _running(self, event):
        if event == "stop":
            self._now = self._idle
        else:
            self._turns += 1


winch = Winch()
winch.pull()
winch.stop()
