class Watch:
    def stand(self, hours):
        self._log = []
        self._rounds(hours)
        return self._log

    def _rounds(self, hours):
        for hour in range(hours):
            self._log.append(self.look(hour))
            self.report(hour)

    def look(self, hour):
        raise NotImplementedError

    def report(self, hour):
        pass


class NightWatch(Watch):
    def look(self, hour):
        return f"{hour}: lamps lit"

    def report(self, hour):
        print("all is well", hour)


class FogWatch(Watch):
    def look(self, hour):
        return f"{hour}: nothing to be seen"


def main():
    for watch in (NightWatch(), FogWatch()):
        print(watch.stand(3))
