from station import RadarStation


def boot(registry):
    return RadarStation("north", registry)
