class Fee:
    def cents(self):
        raise NotImplementedError


class Small(Fee):
    def cents(self):
        return 100


class Large(Fee):
    def cents(self):
        return 900


class Office:
    def charge(self, size):
        if size == "small":
            fee = Small()
        elif size == "large":
            fee = Large()
        else:
            raise ValueError(size)
        return fee.cents()
