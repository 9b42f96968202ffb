from plugins.base import Plugin


class WeatherPlugin(Plugin, name="weather"):
    def __init__(self):
        self.readings = []

    def start(self, host):
        host.every(60, self.read)

    def read(self):
        self.readings.append(4)


class TidePlugin(Plugin, name="tide"):
    def start(self, host):
        host.every(600, lambda: host.publish("tide", 3.1))

    def stop(self):
        self.stopped = True
