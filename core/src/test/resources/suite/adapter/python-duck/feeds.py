class RadarFeed:
    def contacts(self):
        return [("a", 3.2)]

    def close(self):
        self.closed = True


class OldSonar:
    def ping_all(self):
        return {"b": 1.1}

    def power_off(self):
        self.power = 0


class SonarFeed:
    def __init__(self, sonar: OldSonar):
        self._sonar = sonar

    def contacts(self):
        return list(self._sonar.ping_all().items())

    def close(self):
        self._sonar.power_off()
