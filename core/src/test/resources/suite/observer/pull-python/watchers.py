from tide import TideGauge


class FloodSiren:
    def __init__(self):
        self.sounding = False

    def update(self, gauge):
        self.sounding = gauge.level > 4.5


class Logbook:
    def __init__(self):
        self.lines = []

    def update(self, gauge):
        self.lines.append(f"{gauge.level:.2f}")


def station():
    gauge = TideGauge()
    siren, book = FloodSiren(), Logbook()
    gauge.attach(siren)
    gauge.attach(book)
    gauge.level = 4.8
    gauge.detach(siren)
    return book.lines
