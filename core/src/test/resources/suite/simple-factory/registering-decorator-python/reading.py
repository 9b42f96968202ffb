from meters import make


def reading(kinds):
    return sum(make(kind).read() for kind in kinds)


print(reading(["water", "power"]))
