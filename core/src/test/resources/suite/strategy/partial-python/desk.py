from functools import partial

from rates import Quote, by_weight, stepped


class Desk:
    def quote(self, heavy):
        quote = Quote(by_weight)
        if heavy:
            quote.with_rate(partial(stepped, 25))
        return quote
