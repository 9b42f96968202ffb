class Chair:
    def seat(self):
        return "steel"


class Table:
    def top(self):
        return "steel top"


def chair():
    return Chair()


def table():
    return Table()
