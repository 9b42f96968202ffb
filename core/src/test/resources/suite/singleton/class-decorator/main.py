from log import HarbourLog

HarbourLog().write("in")
print(len(HarbourLog().lines))
