class Shape:
    def area(self):
        raise NotImplementedError

    def __add__(self, other):
        return Group([self, other])


class Square(Shape):
    def __init__(self, side):
        self.side = side

    def area(self):
        return self.side ** 2


class Group(Shape):
    def __init__(self, shapes):
        self.shapes = list(shapes)

    def area(self):
        return sum(shape.area() for shape in self.shapes)

    def __iadd__(self, shape):
        self.shapes.append(shape)
        return self

    def __iter__(self):
        return iter(self.shapes)

    def __len__(self):
        return len(self.shapes)


group = Square(2) + Square(3)
group += Square(1)
print(group.area(), len(group))
