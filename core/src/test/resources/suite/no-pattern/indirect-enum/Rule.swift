struct Ship {
    let tons: Int
    let flag: String
}

indirect enum Rule {
    case heavier(Int)
    case flag(String)
    case both(Rule, Rule)
    case not(Rule)

    func holds(for ship: Ship) -> Bool {
        switch self {
        case .heavier(let tons): return ship.tons > tons
        case .flag(let flag): return ship.flag == flag
        case .both(let left, let right): return left.holds(for: ship) && right.holds(for: ship)
        case .not(let rule): return !rule.holds(for: ship)
        }
    }
}

let rule = Rule.both(.heavier(300), .not(.flag("PT")))
print(rule.holds(for: Ship(tons: 400, flag: "NO")))
