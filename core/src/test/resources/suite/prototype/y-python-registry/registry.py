from shapes import Disc, Shape, Square


class ShapeRegistry:
    def __init__(self):
        self._shapes: dict[str, Shape] = {}

    def register(self, key: str, shape: Shape):
        self._shapes[key] = shape

    def create(self, key: str, **changes) -> Shape:
        shape = self._shapes[key].clone()
        shape.__dict__.update(changes)
        return shape


registry = ShapeRegistry()
registry.register("small square", Square(2))
registry.register("plate", Disc(12))
print(registry.create("plate", name="dinner plate").area())
