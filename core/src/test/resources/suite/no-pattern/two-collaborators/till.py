class Printer:
    def line(self, text):
        print(text)


class Drawer:
    def __init__(self):
        self.cents = 0

    def put(self, cents):
        self.cents += cents


class Till:
    def __init__(self, printer, drawer):
        self.printer = printer
        self.drawer = drawer

    def sell(self, name, cents):
        self.drawer.put(cents)
        self.printer.line(f"{name} {cents}")


def main():
    printer = Printer()
    drawer = Drawer()
    till = Till(printer, drawer)
    till.sell("rope", 300)
    printer.line("---")
    drawer.put(1000)
    print(drawer.cents)


main()
