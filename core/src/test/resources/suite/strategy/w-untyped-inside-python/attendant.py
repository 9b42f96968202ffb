from parking import Barrier, DayTariff, NightTariff


class Attendant:
    def evening(self):
        barrier = Barrier(NightTariff())
        return barrier.leave(90)

    def morning(self):
        return Barrier(DayTariff()).leave(20)
