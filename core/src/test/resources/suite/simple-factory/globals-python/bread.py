class Loaf:
    def bake(self):
        raise NotImplementedError


class Rye(Loaf):
    def bake(self):
        return 70


class Spelt(Loaf):
    def bake(self):
        return 55


def make_loaf(kind: str) -> Loaf:
    try:
        return globals()[kind.capitalize()]()
    except KeyError:
        raise ValueError(f"no loaf {kind}") from None
