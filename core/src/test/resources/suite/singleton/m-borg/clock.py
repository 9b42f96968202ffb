from settings import Settings


class Clock:
    def zone(self):
        return Settings().get("zone", "UTC")
