protocol Vault {
    func open(code: Int) -> Bool
    var gold: Int { get }
}

final class BankVault: Vault {
    private let secret = 4711
    private(set) var gold = 900

    func open(code: Int) -> Bool { code == secret }
}

final class GuardedVault: Vault {
    private let vault: BankVault
    private let isNight: () -> Bool

    init(guarding vault: BankVault, isNight: @escaping () -> Bool) {
        self.vault = vault
        self.isNight = isNight
    }

    func open(code: Int) -> Bool {
        guard !isNight() else { return false }
        return vault.open(code: code)
    }

    var gold: Int { isNight() ? 0 : vault.gold }
}
