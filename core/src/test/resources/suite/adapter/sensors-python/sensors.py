class Sensor:
    def celsius(self):
        raise NotImplementedError

    def location(self):
        raise NotImplementedError


class RoofSensor(Sensor):
    def __init__(self):
        self.value = 4.0

    def celsius(self):
        return self.value

    def location(self):
        return "roof"
