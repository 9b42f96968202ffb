from functools import singledispatch


class Notice:
    def __init__(self, port):
        self.port = port


class StormNotice(Notice):
    def __init__(self, port, force):
        super().__init__(port)
        self.force = force


class StrikeNotice(Notice):
    def __init__(self, port, days):
        super().__init__(port)
        self.days = days


@singledispatch
def headline(notice):
    raise TypeError(f"no headline for {type(notice).__name__}")


@headline.register
def _(notice: StormNotice):
    return f"{notice.port}: storm of force {notice.force}"


@headline.register
def _(notice: StrikeNotice):
    return f"{notice.port}: strike for {notice.days} days"


print(headline(StormNotice("Aldera", 9)), headline(StrikeNotice("Aldera", 2)))
