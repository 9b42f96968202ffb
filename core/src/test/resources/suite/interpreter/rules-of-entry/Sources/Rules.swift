struct Ship {
    let length: Int
    let draught: Double
    let flag: String
}

indirect enum Unused { case none }

protocol Rule {
    func holds(for ship: Ship) -> Bool
}

struct Shorter: Rule {
    let than: Int
    func holds(for ship: Ship) -> Bool { ship.length < than }
}

struct Flagged: Rule {
    let flag: String
    func holds(for ship: Ship) -> Bool { ship.flag == flag }
}

struct Both: Rule {
    let left: Rule
    let right: Rule
    func holds(for ship: Ship) -> Bool { left.holds(for: ship) && right.holds(for: ship) }
}

struct Not: Rule {
    let rule: Rule
    func holds(for ship: Ship) -> Bool { !rule.holds(for: ship) }
}

func check() -> Bool {
    let rule = Both(left: Shorter(than: 90), right: Not(rule: Flagged(flag: "X")))
    return rule.holds(for: Ship(length: 80, draught: 4, flag: "N"))
}
