class Stamp:
    _pool = {}

    def __new__(cls, country, cents):
        key = (country, cents)
        stamp = cls._pool.get(key)
        if stamp is None:
            stamp = super().__new__(cls)
            stamp.country = country
            stamp.cents = cents
            cls._pool[key] = stamp
        return stamp

    def label(self):
        return "%s %d" % (self.country, self.cents)
