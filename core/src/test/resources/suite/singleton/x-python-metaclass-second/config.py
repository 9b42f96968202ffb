import threading


class OnlyOne(type):
    _made = {}
    _lock = threading.Lock()

    def __call__(cls, *args, **kwargs):
        with cls._lock:
            if cls not in cls._made:
                cls._made[cls] = super().__call__(*args, **kwargs)
        return cls._made[cls]


class Settings(metaclass=OnlyOne):
    def __init__(self, path="settings.ini"):
        self.path = path
        self.values = {}

    def set(self, key, value):
        self.values[key] = value

    def get(self, key, default=None):
        return self.values.get(key, default)
