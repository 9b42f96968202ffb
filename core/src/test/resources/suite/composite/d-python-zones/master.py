from zones import Basin, Berth, Zone


def longest(zone: Zone) -> float:
    if isinstance(zone, Basin):
        return max((longest(z) for z in zone.zones), default=0.0)
    return zone.free_metres()


harbour = Basin("Aldera").add(Basin("inner").add(Berth(40))).add(Berth(120))
print(longest(harbour), harbour.free_metres())
