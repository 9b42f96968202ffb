class Weigher:
    def visit_crate(self, crate):
        return crate.weight

    def visit_stack(self, stack):
        return sum(part.accept(self) for part in stack.parts)


class Counter:
    def visit_crate(self, crate):
        return 1

    def visit_stack(self, stack):
        return sum(part.accept(self) for part in stack.parts)
