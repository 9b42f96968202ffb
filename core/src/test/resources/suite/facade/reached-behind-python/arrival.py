class Berths:
    def __init__(self):
        self.free = [1, 2, 3]

    def take(self):
        return self.free.pop()

    def give_back(self, berth):
        self.free.append(berth)


class Pilots:
    def __init__(self):
        self.out = 0

    def send(self, ship):
        self.out += 1
        return f"pilot for {ship}"

    def home(self):
        self.out -= 1


class Dues:
    def __init__(self):
        self.open = {}

    def charge(self, ship, amount):
        self.open[ship] = amount


class ArrivalDesk:
    def __init__(self, berths, pilots, dues):
        self.berths = berths
        self.pilots = pilots
        self.dues = dues

    def arrive(self, ship, tons):
        berth = self.berths.take()
        self.pilots.send(ship)
        self.dues.charge(ship, tons * 2)
        return berth

    def leave(self, ship, berth):
        self.pilots.send(ship)
        self.berths.give_back(berth)
        self.pilots.home()


class Agent:
    def __init__(self, desk: ArrivalDesk, dues: Dues):
        self.desk = desk
        self.dues = dues

    def call(self, ship):
        berth = self.desk.arrive(ship, 900)
        self.dues.charge(ship, 1)
        return berth


class Ferry:
    def __init__(self, desk: ArrivalDesk):
        self.desk = desk

    def round_trip(self):
        self.desk.leave("ferry", self.desk.arrive("ferry", 80))


def main():
    dues = Dues()
    desk = ArrivalDesk(Berths(), Pilots(), dues)
    Agent(desk, dues).call("Ines")
    Ferry(desk).round_trip()
