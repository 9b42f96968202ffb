struct Facts {
    var weather: Set<String>
    var tide: Double
}

protocol Rule {
    func holds(in facts: Facts) -> Bool
}

struct Weather: Rule {
    let word: String
    func holds(in facts: Facts) -> Bool { facts.weather.contains(word) }
}

struct TideAbove: Rule {
    let metres: Double
    func holds(in facts: Facts) -> Bool { facts.tide > metres }
}

struct And: Rule {
    let left: Rule
    let right: Rule
    func holds(in facts: Facts) -> Bool { left.holds(in: facts) && right.holds(in: facts) }
}

struct AnyOf: Rule {
    let rules: [Rule]
    func holds(in facts: Facts) -> Bool { rules.contains { $0.holds(in: facts) } }
}

struct Not: Rule {
    let rule: Rule
    func holds(in facts: Facts) -> Bool { !rule.holds(in: facts) }
}
