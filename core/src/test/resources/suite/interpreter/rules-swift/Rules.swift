indirect enum Unused { case none }
struct Voyage { let miles: Int; let crew: Int }
protocol Rule { func holds(for voyage: Voyage) -> Bool }
struct AtLeastCrew: Rule { let n: Int; func holds(for voyage: Voyage) -> Bool { voyage.crew >= n } }
struct Shorter: Rule { let miles: Int; func holds(for voyage: Voyage) -> Bool { voyage.miles < miles } }
struct All: Rule { let rules: [Rule]; func holds(for voyage: Voyage) -> Bool { rules.allSatisfy { $0.holds(for: voyage) } } }
struct Not: Rule { let rule: Rule; func holds(for voyage: Voyage) -> Bool { !rule.holds(for: voyage) } }
func mayLeave(_ voyage: Voyage) -> Bool { All(rules: [AtLeastCrew(n: 3), Not(rule: Shorter(miles: 2))]).holds(for: voyage) }
