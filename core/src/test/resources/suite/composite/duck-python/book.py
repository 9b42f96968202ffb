class Account:
    def balance(self):
        raise NotImplementedError


class Entry(Account):
    def __init__(self, amount):
        self.amount = amount

    def balance(self):
        return self.amount


class Book(Account):
    def __init__(self):
        self._accounts = []

    def add(self, account):
        self._accounts.append(account)

    def balance(self):
        return sum(account.balance() for account in self._accounts)


class Auditor:
    def check(self, account):
        return account.balance() == 0
