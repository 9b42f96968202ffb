class OneOnly(type):
    _instances = {}

    def __call__(cls, *args, **kwargs):
        if cls not in cls._instances:
            cls._instances[cls] = super().__call__(*args, **kwargs)
        return cls._instances[cls]


class BerthRegister(metaclass=OneOnly):
    def __init__(self):
        self.berths = {}

    def assign(self, ship, berth):
        self.berths[ship] = berth
