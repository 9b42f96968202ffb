class Symbols:
    def __init__(self):
        self.names = {}

    def copy(self):
        rv = object.__new__(self.__class__)
        rv.__dict__.update(self.__dict__)
        rv.names = self.names.copy()
        return rv

    def note(self, name, at):
        self.names[name] = at


class Frame:
    def __init__(self, port, symbols):
        self.port = port
        self.symbols = symbols

    def twin(self):
        cls = self.__class__
        rv = cls.__new__(cls)
        rv.__dict__ = dict(self.__dict__)
        rv.symbols = self.symbols.copy()
        return rv

    def update(self, port):
        self.port = port

    def as_dict(self):
        return self.__dict__.copy()


class Drawing:
    def __init__(self):
        self.frames = []

    def repeat(self, frame):
        self.frames.append(frame.twin())
