from ledger import FeeLedger

class QuayDesk:
    def __init__(self):
        self.ledger = FeeLedger("fees.txt")

    def charge(self, boat):
        self.ledger.note(boat, 1200)
