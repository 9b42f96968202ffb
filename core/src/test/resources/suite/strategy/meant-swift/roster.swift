protocol Priority { func before(_ a: Arrival, _ b: Arrival) -> Bool }
struct Arrival { let quay: String; let tons: Int }
struct Heaviest: Priority { func before(_ a: Arrival, _ b: Arrival) -> Bool { a.tons > b.tons } }
struct ByQuay: Priority { func before(_ a: Arrival, _ b: Arrival) -> Bool { a.quay < b.quay } }
final class Roster {
    private var arrivals: [Arrival] = []
    var priority: Priority
    init(priority: Priority) { self.priority = priority }
    func add(_ v: Arrival) { arrivals.append(v) }
    func ordered() -> [Arrival] { arrivals.sorted(by: priority.before) }
}
let r = Roster(priority: Heaviest())
r.priority = ByQuay()
_ = r.ordered()
