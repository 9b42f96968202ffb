class Boiler:
    def heat(self, degrees): self.degrees = degrees
class Valve:
    def open(self): self.is_open = True
class Meter:
    def __init__(self): self.count = 0
    def start(self): self.count += 1
