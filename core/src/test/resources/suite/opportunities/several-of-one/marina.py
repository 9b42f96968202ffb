from ledger import FeeLedger

class MarinaDesk:
    def __init__(self):
        self._fees = FeeLedger("fees.txt")

    def charge(self, boat, nights):
        self._fees.note(boat, nights * 900)
