import functools
import threading


class HarbourLog:
    _instance = None
    _lock = threading.Lock()

    def __new__(cls):
        if cls._instance is None:
            with cls._lock:
                if cls._instance is None:
                    cls._instance = super().__new__(cls)
                    cls._instance.lines = []
        return cls._instance

    def write(self, line):
        self.lines.append(line)


class Filter:
    def __init__(self, following=None):
        self._following = following

    def handle(self, line):
        if self._following is not None:
            return self._following.handle(line)
        return line


class NoBlank(Filter):
    def handle(self, line):
        if not line.strip():
            return None
        return super().handle(line)


class NoSecret(Filter):
    def __init__(self, words, following=None):
        super().__init__(following)
        self.words = words

    def handle(self, line):
        if any(word in line for word in self.words):
            return None
        return super().handle(line)


class Upper(Filter):
    def handle(self, line):
        return super().handle(line.upper())
