from printer import LazyPrinter, Printer


class Office:
    def __init__(self, printer: Printer):
        self.printer = printer

    def day(self):
        self.printer.print("report")
        return self.printer.status()


Office(LazyPrinter()).day()
