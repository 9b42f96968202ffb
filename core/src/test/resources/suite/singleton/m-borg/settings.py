class Settings:
    _shared = {}

    def __init__(self):
        self.__dict__ = self._shared

    def get(self, name, default=None):
        return getattr(self, name, default)

    def set(self, name, value):
        setattr(self, name, value)
