from abc import ABC, abstractmethod


class Vault(ABC):
    @abstractmethod
    def take(self, who, sum_):
        ...

    @abstractmethod
    def rest(self):
        ...


class SteelVault(Vault):
    def __init__(self):
        self._money = 1000

    def take(self, who, sum_):
        self._money -= sum_
        return sum_

    def rest(self):
        return self._money


class GuardedVault(Vault):
    def __init__(self, vault: SteelVault, allowed):
        self._vault = vault
        self._allowed = allowed

    def take(self, who, sum_):
        if who not in self._allowed:
            raise PermissionError(who)
        return self._vault.take(who, sum_)

    def rest(self):
        return self._vault.rest()
