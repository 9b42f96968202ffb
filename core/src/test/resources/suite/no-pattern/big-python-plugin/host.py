from plugins import base, weather


class Host:
    def __init__(self):
        self._jobs = []
        self._plugins = {}
        self._topics = {}

    def every(self, seconds, job):
        self._jobs.append((seconds, job))

    def subscribe(self, topic, listener):
        self._topics.setdefault(topic, []).append(listener)

    def publish(self, topic, value):
        for listener in self._topics.get(topic, []):
            listener(value)

    def enable(self, name):
        plugin = base.load(name)
        plugin.start(self)
        self._plugins[name] = plugin

    def disable(self, name):
        self._plugins.pop(name).stop()

    def tick(self, now):
        for seconds, job in self._jobs:
            if now % seconds == 0:
                job()


def main():
    host = Host(); out = []
    host.subscribe("tide", print)
    host.subscribe("tide", lambda value: out.append(value))
    host.enable("tide")
    host.tick(600)
