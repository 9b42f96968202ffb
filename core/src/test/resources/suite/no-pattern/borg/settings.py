class Settings:
    _shared = {}

    def __init__(self):
        self.__dict__ = self._shared

    def set(self, name, value):
        setattr(self, name, value)


Settings().set("port", "Aldera")
print(Settings().port)
