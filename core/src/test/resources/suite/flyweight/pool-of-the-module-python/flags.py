_flags = {}


class Flag:
    def __init__(self, name):
        self._name = name

    @property
    def name(self):
        return self._name

    @classmethod
    def of(cls, name):
        if name not in _flags:
            _flags[name] = cls(name)
        return _flags[name]
