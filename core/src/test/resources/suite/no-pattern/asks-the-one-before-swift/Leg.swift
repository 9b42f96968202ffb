protocol Leg: AnyObject {
    var before: Leg? { get }
    func hours() -> Int
}
extension Leg {
    func total() -> Int { hours() + (before?.total() ?? 0) }
}
final class Sailing: Leg {
    let before: Leg?
    private let miles: Int
    init(before: Leg?, miles: Int) { self.before = before; self.miles = miles }
    func hours() -> Int { miles / 12 }
}
final class Waiting: Leg {
    let before: Leg?
    private let tides: Int
    init(before: Leg?, tides: Int) { self.before = before; self.tides = tides }
    func hours() -> Int { tides * 6 }
}
final class Departure: Leg {
    var before: Leg? { nil }
    func hours() -> Int { 0 }
}
func plan() -> Int { Waiting(before: Sailing(before: Departure(), miles: 90), tides: 1).total() }
