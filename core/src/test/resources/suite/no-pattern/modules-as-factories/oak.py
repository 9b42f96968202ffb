class Chair:
    def seat(self):
        return "oak"


class Table:
    def top(self):
        return "oak top"


def chair():
    return Chair()


def table():
    return Table()
