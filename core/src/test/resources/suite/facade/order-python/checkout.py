class Stock:
    def __init__(self):
        self.left = 9

    def reserve(self, item):
        self.left -= 1


class Bank:
    def __init__(self):
        self.sum = 0

    def charge(self, cents):
        self.sum += cents


class Post:
    def __init__(self):
        self.sent = []

    def send(self, item):
        self.sent.append(item)


class Checkout:
    def __init__(self):
        self._stock = Stock()
        self._bank = Bank()
        self._post = Post()

    def order(self, item, cents):
        self._stock.reserve(item)
        self._bank.charge(cents)
        self._post.send(item)


class Customer:
    def buy(self, checkout: Checkout):
        checkout.order("rope", 900)
