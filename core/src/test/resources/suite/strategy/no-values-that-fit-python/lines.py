from points import Point2, Point3

class Line:
    def __init__(self, start, end):
        self.start = start
        self.end = end
    def middle(self):
        return self.start.plus(self.end).scaled(0.5)
    def span(self):
        return self.end.minus(self.start).length()

flat = Line(Point2(0, 0), Point2(3, 4))
deep = Line(Point3(0, 0, 0), Point3(3, 4, 12))
print(flat.span(), deep.span())
