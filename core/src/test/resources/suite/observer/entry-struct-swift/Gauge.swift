protocol Alarm: AnyObject { func alarm(_ level: Int) }
final class Siren: Alarm { func alarm(_ level: Int) { print("!") } }
final class Board: Alarm { func alarm(_ level: Int) { print(level) } }
final class Gauge {
    private struct Entry { let limit: Int; weak var alarm: Alarm? }
    private var entries: [Entry] = []
    private var level = 0
    func join(_ limit: Int, _ alarm: Alarm) { entries.append(Entry(limit: limit, alarm: alarm)) }
    func rise(_ by: Int) { level += by; for e in entries where level > e.limit { e.alarm?.alarm(level) } }
}
let g = Gauge(); let s = Siren(); let b = Board(); g.join(3, s); g.join(5, b); g.rise(4)
