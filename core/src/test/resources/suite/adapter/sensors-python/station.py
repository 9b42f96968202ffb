from probe_sensor import cellar
from sensors import RoofSensor, Sensor


class Station:
    def __init__(self):
        self.sensors = [RoofSensor(), cellar()]

    def coldest(self):
        return min(sensor.celsius() for sensor in self.sensors)
