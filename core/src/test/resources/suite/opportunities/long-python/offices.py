from tickets import Ticket


class BoxOffice:
    def sell(self, guest):
        return Ticket(guest, "Otello", 4, 12, 3200, False)


class WebShop:
    def sell(self, guest, reduced):
        return Ticket(guest, "Otello", 9, 1, 1800, reduced)
