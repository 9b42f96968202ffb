from quay import Quay
from watches import Lamp, Ledger


def set_up():
    quay = Quay()
    quay.join(Ledger())
    quay.join(Lamp())
    quay.moor("Anna")
    return quay
