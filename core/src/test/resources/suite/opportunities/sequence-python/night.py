from parts import Boiler, Meter, Valve
class NightCrew:
    def begin(self, boiler: Boiler, valve: Valve, meter: Meter):
        boiler.heat(40)
        valve.open()
        meter.start()
        return "warm"
