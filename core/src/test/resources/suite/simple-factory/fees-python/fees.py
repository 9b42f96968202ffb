class Fee:
    def cents(self):
        raise NotImplementedError


class SmallFee(Fee):
    def cents(self):
        return 100


class LargeFee(Fee):
    def cents(self):
        return 900


class FeeMaker:
    def make(self, size):
        if size == "small":
            return SmallFee()
        if size == "large":
            return LargeFee()
        raise ValueError(size)


class Office:
    def charge(self, maker: FeeMaker, size):
        return maker.make(size).cents()
