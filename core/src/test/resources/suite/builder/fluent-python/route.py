class Route:
    def __init__(self, ports, avoided):
        self.ports = ports
        self.avoided = avoided


class RouteBuilder:
    def __init__(self):
        self._ports = []
        self._avoided = set()

    def via(self, port):
        self._ports.append(port)
        return self

    def avoiding(self, water):
        self._avoided.add(water)
        return self

    def build(self):
        if not self._ports:
            raise ValueError("no port")
        return Route(list(self._ports), set(self._avoided))


class Planner:
    def plan(self):
        return RouteBuilder().via("Sund").avoiding("shoals").build()
