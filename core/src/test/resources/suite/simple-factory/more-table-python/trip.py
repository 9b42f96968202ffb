from gear import GearShed

class Trip:
    def __init__(self, shed: GearShed):
        self._shed = shed

    def total(self, kinds, hours):
        return sum(self._shed.make(kind).catch(hours) for kind in kinds)
