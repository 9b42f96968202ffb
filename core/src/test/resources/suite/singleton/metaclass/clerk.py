from registry import BerthRegistry


class Clerk:
    def assign(self, ship):
        registry = BerthRegistry()
        if registry.free("A1"):
            registry.take("A1", ship)
