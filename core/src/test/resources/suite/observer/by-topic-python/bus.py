class Bus:
    def __init__(self):
        self._by_topic = {}

    def join(self, topic, listener):
        self._by_topic.setdefault(topic, []).append(listener)

    def leave(self, topic, listener):
        self._by_topic[topic].remove(listener)

    def tell(self, topic, text):
        for listener in self._by_topic.get(topic, []):
            listener.told(topic, text)


class Screen:
    def told(self, topic, text):
        self.last = (topic, text)


class Archive:
    def __init__(self):
        self.lines = []

    def told(self, topic, text):
        self.lines.append(text)
