class Pilot:
    def guide(self, ship):
        print("guiding", ship)


class Tug:
    def __init__(self, office):
        self.office = office

    def pull(self, ship):
        self.office.note(f"pulling {ship}")


class Berths:
    def free(self):
        return 4


class ArrivalOffice:
    def __init__(self):
        self.pilot = Pilot()
        self.tug = Tug(self)
        self.berths = Berths()

    def arrive(self, ship):
        berth = self.berths.free()
        self.pilot.guide(ship)
        self.tug.pull(ship)
        return berth

    def note(self, line):
        print(line)
