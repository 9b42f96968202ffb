struct Teller {
    let vault: Vault

    func count(code: Int) -> Int { vault.open(code: code) ? vault.gold : 0 }
}

let teller = Teller(vault: GuardedVault(guarding: BankVault(), isNight: { false }))
