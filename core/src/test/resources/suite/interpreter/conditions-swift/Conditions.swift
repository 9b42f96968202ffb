struct Weather { let wind: Int; let waves: Double }

protocol Condition { func isMet(in weather: Weather) -> Bool }

struct WindBelow: Condition {
    let knots: Int
    func isMet(in weather: Weather) -> Bool { weather.wind < knots }
}
struct CalmSea: Condition {
    func isMet(in weather: Weather) -> Bool { weather.waves < 0.5 }
}
struct And: Condition {
    let left: Condition
    let right: Condition
    func isMet(in weather: Weather) -> Bool { left.isMet(in: weather) && right.isMet(in: weather) }
}
struct AnyOf: Condition {
    let parts: [Condition]
    func isMet(in weather: Weather) -> Bool { parts.contains { $0.isMet(in: weather) } }
}
