typealias Told = (Int) -> Void
final class Gauge {
    private var level = 0
    private var told: [(limit: Int, one: Told)] = []
    func join(_ one: @escaping Told) { told.append((limit: 3, one: one)) }
    func rise(by: Int) { level += by; for t in told { if level > t.limit { t.one(level) } } }
}
final class Board { func redraw(_ l: Int) { print(l) } }
final class Siren { func howl(_ l: Int) { print("!") } }
let g = Gauge(); let b = Board(); let s = Siren(); g.join(b.redraw); g.join { s.howl($0) }; g.rise(by: 3)
