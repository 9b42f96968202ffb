from doc.nodes import Block, Bold, Text, Visitor


class Html(Visitor):
    def visit_text(self, node: Text):
        return node.value

    def visit_bold(self, node: Bold):
        return f"<b>{node.inner.accept(self)}</b>"

    def visit_block(self, node: Block):
        return "".join(part.accept(self) for part in node.parts)


class WordCount(Visitor):
    def __init__(self):
        self.words = 0

    def visit_text(self, node: Text):
        self.words += len(node.value.split())


def render(block: Block) -> str:
    counter = WordCount()
    block.accept(counter)
    return f"{block.accept(Html())} ({counter.words})"
