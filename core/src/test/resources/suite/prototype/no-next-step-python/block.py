class Block:
    def __init__(self, name, depth, stack):
        self.name = name
        self.depth = depth
        self.stack = stack

    def above(self):
        if self.depth + 1 >= len(self.stack):
            return None
        return Block(self.name, self.depth + 1, self.stack)

    def text(self):
        return self.stack[self.depth]
