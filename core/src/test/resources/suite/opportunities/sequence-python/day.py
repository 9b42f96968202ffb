class DayCrew:
    def __init__(self, boiler, valve, meter):
        self.boiler, self.valve, self.meter = boiler, valve, meter
    def begin(self):
        self.boiler.heat(60)
        self.valve.open()
        self.meter.start()
