import threading


class OnePerClass(type):
    _instances = {}
    _lock = threading.Lock()

    def __call__(cls, *args, **kwargs):
        with cls._lock:
            if cls not in cls._instances:
                cls._instances[cls] = super().__call__(*args, **kwargs)
        return cls._instances[cls]


class BerthRegistry(metaclass=OnePerClass):
    def __init__(self):
        self._berths = {}

    def take(self, name, ship):
        self._berths[name] = ship

    def free(self, name):
        return name not in self._berths
