from day import DayCrew
from night import NightCrew
from parts import Boiler, Meter, Valve
b, v, m = Boiler(), Valve(), Meter()
DayCrew(b, v, m).begin()
NightCrew().begin(b, v, m)
