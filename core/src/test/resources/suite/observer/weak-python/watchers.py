class Siren:
    def __init__(self, limit):
        self.limit = limit
        self.sounding = False

    def level_changed(self, gauge):
        self.sounding = gauge.level > self.limit


class Log:
    def __init__(self):
        self.lines = []

    def level_changed(self, gauge):
        self.lines.append(f"level {gauge.level}")
