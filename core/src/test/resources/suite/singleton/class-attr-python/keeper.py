from beacon import Beacon


class Keeper:
    def evening(self):
        Beacon().switch()
