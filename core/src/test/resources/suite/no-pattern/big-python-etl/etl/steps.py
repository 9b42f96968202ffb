class Step:
    def __call__(self, row):
        raise NotImplementedError


class Rename(Step):
    def __init__(self, **names):
        self._names = names

    def __call__(self, row):
        return {self._names.get(key, key): value for key, value in row.items()}


class Require(Step):
    def __init__(self, *keys):
        self._keys = keys

    def __call__(self, row):
        return row if all(row.get(key) for key in self._keys) else None


class Pipeline(Step):
    def __init__(self, *steps: Step):
        self._steps = list(steps)

    def __call__(self, row):
        for step in self._steps:
            row = step(row)
            if row is None:
                return None
        return row
