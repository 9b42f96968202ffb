_all = []


class Flag:
    def __init__(self, name):
        self._name = name

    @classmethod
    def make(cls, name):
        flag = cls(name)
        _all.append(flag)
        return flag

    @classmethod
    def at(cls, index):
        return _all[index]
