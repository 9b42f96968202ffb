from port.tolls import BerthBill, FlatToll, SeasonToll, TonnageToll


def bill_for(kind: str, tons: float) -> BerthBill:
    if kind == "yacht":
        return BerthBill(FlatToll(40), tons)
    return BerthBill(TonnageToll(), tons)


def summer(bill: BerthBill) -> float:
    bill.change_toll(SeasonToll(7))
    return bill.total()
