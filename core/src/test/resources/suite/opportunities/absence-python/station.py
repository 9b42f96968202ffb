class Printer:
    def print(self, text):
        self.last = text


class Station:
    def __init__(self, printer: Printer = None):
        self.printer = printer

    def wind(self, knots):
        if self.printer is not None:
            self.printer.print(f"wind {knots}")

    def tide(self, metres):
        if self.printer is not None:
            self.printer.print(f"tide {metres}")

    def fog(self):
        if self.printer is not None:
            self.printer.print("fog")
