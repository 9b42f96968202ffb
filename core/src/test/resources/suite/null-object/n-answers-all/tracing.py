class Tracer:
    def __init__(self, out):
        self._out = out

    def enter(self, name):
        self._out.write("> " + name)

    def leave(self, name):
        self._out.write("< " + name)


class NoTracer:
    def enter(self, name):
        pass

    def leave(self, name):
        pass
