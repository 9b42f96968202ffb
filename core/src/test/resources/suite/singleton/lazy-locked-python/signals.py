import threading


class Signals:
    _one = None
    _lock = threading.Lock()

    def __init__(self):
        self.sent = 0

    @classmethod
    def get(cls):
        with cls._lock:
            if cls._one is None:
                cls._one = Signals()
        return cls._one

    def send(self):
        self.sent += 1


class Mast:
    def hoist(self):
        Signals.get().send()

    def practice(self):
        Signals().send()
