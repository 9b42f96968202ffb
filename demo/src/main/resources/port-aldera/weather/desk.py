from stations import Calibrated, Network, Report, Station, Vane


class Printer:
    def take(self, report: Report) -> None:
        print(report.station)


class Archive:
    def __init__(self):
        self.reports = []

    def take(self, report):
        self.reports.append(report)


class Bulletin:
    """Kinds of bulletin say how they head and close themselves."""

    def text(self, report):
        return self.head() + str(report.knots) + self.close()

    def head(self):
        raise NotImplementedError

    def close(self):
        return "."


class Radio(Bulletin):
    def head(self):
        return "All ships: "


class Placard(Bulletin):
    def head(self):
        return "WIND "

    def close(self):
        return " kn"


def storm(report: Report) -> None:
    print("storm", report.station)


def open_desk():
    station = Station("mole", Calibrated(Vane(), 0.4))
    station.attach(Printer())
    station.attach(Archive())
    station.on_storm(storm)
    Network().stations.append(station)
    return station


desk = open_desk()
