from feeds import OldSonar, RadarFeed, SonarFeed


class Plot:
    def __init__(self, feed):
        self._feed = feed

    def draw(self):
        for name, miles in self._feed.contacts():
            print(name, miles)
        self._feed.close()


Plot(RadarFeed()).draw()
Plot(SonarFeed(OldSonar())).draw()
