struct Audit {
    func total(_ ledger: Ledger) -> Int {
        var sum = 0
        for entry in ledger {
            sum += entry.cents
        }
        return sum
    }
}
