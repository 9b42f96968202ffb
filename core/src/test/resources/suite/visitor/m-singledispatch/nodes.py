class Node:
    def accept(self, visitor):
        return visitor.visit(self)


class Heading(Node):
    def __init__(self, text):
        self.text = text


class Paragraph(Node):
    def __init__(self, words):
        self.words = words


class Page(Node):
    def __init__(self, children):
        self.children = children
