from functools import singledispatchmethod

from nodes import Heading, Page, Paragraph


class PlainText:
    @singledispatchmethod
    def visit(self, node):
        raise TypeError(type(node))

    @visit.register
    def _(self, node: Heading):
        return node.text.upper()

    @visit.register
    def _(self, node: Paragraph):
        return " ".join(node.words)

    @visit.register
    def _(self, node: Page):
        return "\n".join(child.accept(self) for child in node.children)


class WordCount:
    @singledispatchmethod
    def visit(self, node):
        return 0

    @visit.register
    def _(self, node: Paragraph):
        return len(node.words)

    @visit.register
    def _(self, node: Page):
        return sum(child.accept(self) for child in node.children)
