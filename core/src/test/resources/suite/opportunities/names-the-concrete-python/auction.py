from store import MemoryStore


class Auction:
    def __init__(self, store: MemoryStore) -> None:
        self._store = store

    def sell(self, fish: str, kilos: int) -> int:
        self._store.put(fish, kilos)
        return self._store.kilos()


print(Auction(MemoryStore()).sell("hake", 20))
