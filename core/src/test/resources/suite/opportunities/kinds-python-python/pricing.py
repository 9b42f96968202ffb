class Goods:
    def __init__(self, tons):
        self.tons = tons


class Fish(Goods):
    pass


class Timber(Goods):
    def __init__(self, tons, dry):
        super().__init__(tons)
        self.dry = dry


def storage(goods: Goods) -> int:
    if isinstance(goods, Fish):
        return goods.tons * 9
    if isinstance(goods, Timber):
        return goods.tons * (1 if goods.dry else 2)
    return goods.tons


def insurance(goods: Goods) -> int:
    match goods:
        case Fish():
            return 50
        case Timber():
            return 10
        case _:
            return 5
