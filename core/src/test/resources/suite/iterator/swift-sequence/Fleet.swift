struct Ship { let name: String; let tonnes: Int }
struct Fleet: Sequence {
    private var ships: [Ship] = []
    mutating func add(_ ship: Ship) { ships.append(ship) }
    func makeIterator() -> HeavyFirst { HeavyFirst(ships) }
    struct HeavyFirst: IteratorProtocol {
        private var left: [Ship]
        init(_ ships: [Ship]) { left = ships.sorted { $0.tonnes < $1.tonnes } }
        mutating func next() -> Ship? { left.popLast() }
    }
}
func names(_ fleet: Fleet) -> [String] {
    var out: [String] = []
    for ship in fleet { out.append(ship.name) }
    return out
}
