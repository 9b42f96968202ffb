protocol Vessel { func load() -> Double }
struct Boat: Vessel { let tons: Double; func load() -> Double { tons } }
final class Fleet: Vessel, Sequence {
    private var vessels: [Vessel] = []
    func add(_ v: Vessel) { vessels.append(v) }
    func makeIterator() -> IndexingIterator<[Vessel]> { vessels.makeIterator() }
    func load() -> Double { reduce(0) { $0 + $1.load() } }
    func each() { for v in self { print(v.load()) } }
}
