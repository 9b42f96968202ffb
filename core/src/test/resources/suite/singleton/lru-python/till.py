from settings import settings


class Till:
    def __init__(self):
        self.rows = []

    def charge(self, hours):
        self.rows.append(settings().price(hours))
        return self.rows[-1]
