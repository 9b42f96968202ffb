indirect enum Rule {
    case longer(Int)
    case flag(String)
    case both(Rule, Rule)
    case not(Rule)

    func holds(for ship: Ship) -> Bool {
        switch self {
        case .longer(let metres): return ship.metres > metres
        case .flag(let country): return ship.flag == country
        case .both(let left, let right): return left.holds(for: ship) && right.holds(for: ship)
        case .not(let rule): return !rule.holds(for: ship)
        }
    }
}

struct Ship {
    let metres: Int
    let flag: String
}

let rule = Rule.both(.longer(90), .not(.flag("Norvia")))
print(rule.holds(for: Ship(metres: 120, flag: "Aldera")))
