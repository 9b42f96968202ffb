class Point2:
    def __init__(self, x, y):
        self.x, self.y = x, y
    def plus(self, other): return Point2(self.x + other.x, self.y + other.y)
    def minus(self, other): return Point2(self.x - other.x, self.y - other.y)
    def scaled(self, by): return Point2(self.x * by, self.y * by)
    def length(self): return (self.x ** 2 + self.y ** 2) ** 0.5
    def dot(self, other): return self.x * other.x + self.y * other.y
    def rounded(self): return Point2(round(self.x), round(self.y))

class Point3:
    def __init__(self, x, y, z):
        self.x, self.y, self.z = x, y, z
    def plus(self, other): return Point3(self.x + other.x, self.y + other.y, self.z + other.z)
    def minus(self, other): return Point3(self.x - other.x, self.y - other.y, self.z - other.z)
    def scaled(self, by): return Point3(self.x * by, self.y * by, self.z * by)
    def length(self): return (self.x ** 2 + self.y ** 2 + self.z ** 2) ** 0.5
    def dot(self, other): return self.x * other.x + self.y * other.y + self.z * other.z
    def rounded(self): return Point3(round(self.x), round(self.y), round(self.z))
