from fleet.yard import Yard, charter

print(Yard().build("ferry").sail(), charter("t").sail())
