class Gauge:
    def __init__(self):
        self.watchers = []
        self.level = 0

    def join(self, watcher):
        self.watchers.append(watcher)

    def leave(self, watcher):
        self.watchers.remove(watcher)

    def rise(self, by):
        self.level += by
        for watcher in list(self.watchers):
            watcher.tide(self.level)


class Lock:
    def tide(self, level):
        print("lock at", level)


class Ferry:
    def tide(self, level):
        print("ferry at", level)


if __name__ == "__main__":
    gauge = Gauge()
    lock = Lock()
    gauge.join(lock)
    gauge.join(Ferry())
    gauge.rise(3)
    gauge.leave(lock)
