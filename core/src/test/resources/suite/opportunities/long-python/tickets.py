class Ticket:
    def __init__(self, guest, show, row, seat, price, reduced):
        self.guest = guest
        self.show = show
        self.row = row
        self.seat = seat
        self.price = price
        self.reduced = reduced

    def line(self):
        return "%s %s %d-%d" % (self.guest, self.show, self.row, self.seat)
