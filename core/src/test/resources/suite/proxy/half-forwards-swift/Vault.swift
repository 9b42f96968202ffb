protocol Vault {
    func put(_ item: String)
    func take(_ item: String) -> Bool
    func count() -> Int
}

final class SteelVault: Vault {
    private var items: Set<String> = []
    func put(_ item: String) { items.insert(item) }
    func take(_ item: String) -> Bool { items.remove(item) != nil }
    func count() -> Int { items.count }
}

final class WatchedVault: Vault {
    private let vault: SteelVault
    private let open: () -> Bool
    private var denied = 0

    init(_ vault: SteelVault, open: @escaping () -> Bool) {
        self.vault = vault
        self.open = open
    }

    func put(_ item: String) {
        guard open() else { denied += 1; return }
        vault.put(item)
    }

    func take(_ item: String) -> Bool {
        guard open() else { denied += 1; return false }
        return vault.take(item)
    }

    func count() -> Int { denied }
}

final class Bank {
    private let vault: Vault
    init(vault: Vault) { self.vault = vault }
    func move(_ item: String, to other: Vault) {
        if vault.take(item) { other.put(item) }
    }
    func report() -> String { "\(vault.count()) items" }
}

func openBank() -> Bank {
    Bank(vault: WatchedVault(SteelVault(), open: { true }))
}
