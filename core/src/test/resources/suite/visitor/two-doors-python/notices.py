class Skip(Exception):
    pass


class Part:
    children = ()

    def walk(self, visitor):
        try:
            visitor.dispatch_visit(self)
        except Skip:
            return
        for child in self.children:
            child.walk(visitor)

    def walk_about(self, visitor):
        visitor.dispatch_visit(self)
        for child in self.children[:]:
            child.walk_about(visitor)
        visitor.dispatch_departure(self)


class Line(Part):
    def __init__(self, words):
        self.words = words


class Section(Part):
    def __init__(self, *parts):
        self.children = list(parts)
        self.ids = []


class PartVisitor:
    def __init__(self, harbour):
        self.harbour = harbour

    def dispatch_visit(self, part):
        method = getattr(self, 'visit_' + part.__class__.__name__, self.unknown)
        return method(part)

    def dispatch_departure(self, part):
        method = getattr(self, 'depart_' + part.__class__.__name__, self.unknown)
        return method(part)

    def unknown(self, part):
        raise NotImplementedError(part)


class BoardPrinter(PartVisitor):
    def __init__(self, harbour):
        super().__init__(harbour)
        self.out = []
        self.known = []

    def dispatch_visit(self, part):
        if isinstance(part, Section):
            self.known.extend(part.ids)
        return PartVisitor.dispatch_visit(self, part)

    def visit_Line(self, part):
        self.out.append(part.words)

    def depart_Line(self, part):
        pass

    def visit_Section(self, part):
        self.out.append('--')

    def depart_Section(self, part):
        for child in part.children[1:]:
            child.walk_about(self)


def show(part, harbour):
    printer = BoardPrinter(harbour)
    part.walk_about(printer)
    return printer.out
