class Fix:
    def __init__(self, north, east):
        self.north = north
        self.east = east
    def rounded(self):
        return Fix(round(self.north), round(self.east))
    def moved(self, by):
        self.north += by

def log(fix):
    fix.moved(3)
    return fix.rounded()

log(Fix(1.5, 2.5))
