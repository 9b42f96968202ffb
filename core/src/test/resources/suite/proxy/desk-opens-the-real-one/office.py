from vault import GuardedVault, SteelVault, Vault


class Cashier:
    def __init__(self, vault: Vault):
        self._vault = vault

    def pay(self, who, sum_):
        return self._vault.take(who, sum_)

    def emergency(self):
        own = SteelVault()
        return own.take("nobody", 5)


cashier = Cashier(GuardedVault(SteelVault(), ["Ines"]))
print(cashier.pay("Ines", 20))
