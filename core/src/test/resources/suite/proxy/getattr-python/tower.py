from radar import GuardedRadar, Radar


def look(radar):
    radar.range(4000)
    return radar.sweep(360)


look(Radar())
look(GuardedRadar(True))
