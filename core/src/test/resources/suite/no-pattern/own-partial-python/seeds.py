class Seeds:
    def __init__(self):
        self.rule = None

    def partial(self, kind, share):
        return kind.split(share)

    def sow(self, kind):
        self.rule = self.partial(kind, 3)


class Beans:
    def split(self, share):
        return share * 2


class Peas:
    def split(self, share):
        return share
