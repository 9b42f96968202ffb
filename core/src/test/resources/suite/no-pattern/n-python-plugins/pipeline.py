from plugins.registry import Plugin, create


class Pipeline:
    def __init__(self, names):
        self._steps: list[Plugin] = [create(name) for name in names]

    def __len__(self):
        return len(self._steps)

    def __call__(self, ship):
        for step in self._steps:
            ship = step.run(ship)
        return ship


print(Pipeline(["dues", "waste"])({"tons": 400, "crew": 8}))
