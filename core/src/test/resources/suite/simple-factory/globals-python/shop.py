from bread import make_loaf


def order(kinds):
    return sum(make_loaf(kind).bake() for kind in kinds)
