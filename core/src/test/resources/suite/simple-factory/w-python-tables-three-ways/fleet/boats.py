class Ferry:
    def sail(self):
        return "slow"


class Tug:
    def sail(self):
        return "strong"
