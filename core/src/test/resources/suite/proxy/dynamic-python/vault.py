class Vault:
    def __init__(self):
        self._items = {}

    def put(self, key, value):
        self._items[key] = value

    def get(self, key):
        return self._items.get(key)


class CountingVault:
    def __init__(self, vault: Vault):
        self._vault = vault
        self.reads = 0

    def put(self, key, value):
        self._vault.put(key, value)

    def get(self, key):
        self.reads += 1
        return self._vault.get(key)


vault = CountingVault(Vault())
vault.put("a", 1)
print(vault.get("a"), vault.reads)
