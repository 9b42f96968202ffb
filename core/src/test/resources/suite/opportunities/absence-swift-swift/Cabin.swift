final class Steward {
    var busy = false
    func bring(_ what: String) { print("bringing \(what)") }
}

final class Cabin {
    var steward: Steward?

    func breakfast() {
        guard let steward = steward else { return }
        steward.bring("eggs")
    }

    func tea() {
        if let steward { steward.bring("tea") }
    }

    func disturb() -> Bool {
        if steward == nil { return false }
        return !steward!.busy
    }
}
