from __future__ import annotations
from dataclasses import dataclass


class Node:
    def accept(self, visitor: Visitor):
        return getattr(visitor, "visit_" + type(self).__name__.lower())(self)


@dataclass
class Text(Node):
    value: str


@dataclass
class Bold(Node):
    inner: Node


@dataclass
class Block(Node):
    parts: list[Node]


class Visitor:
    def visit_text(self, node: Text): ...
    def visit_bold(self, node: Bold):
        return node.inner.accept(self)
    def visit_block(self, node: Block):
        for part in node.parts:
            part.accept(self)
