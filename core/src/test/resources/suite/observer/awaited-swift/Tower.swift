protocol Watch: AnyObject { func saw(_ ship: Ship) async }
struct Ship { let name: String }
actor Radio {
    func next() async throws -> Ship? { nil }
}
final class Log: Watch {
    private var names: [String] = []
    func saw(_ ship: Ship) async { names.append(ship.name) }
}
final class Tower {
    private var watches: [any Watch] = []
    private var seen = 0
    private let radio = Radio()
    func add(_ watch: any Watch) { watches.append(watch) }
    func remove(_ watch: any Watch) { watches.removeAll { $0 === watch } }
    func look() async {
        while let ship = try? await radio.next() {
            seen += 1
            for watch in watches { await watch.saw(ship) }
        }
        if let last = try? await radio.next(), seen > 3 {
            for watch in watches { await watch.saw(last) }
        }
    }
}
@main struct Harbour {
    static func main() async {
        let tower = Tower()
        tower.add(Log())
        await tower.look()
    }
}
