struct Convoy: Sequence {
    private let ships: [String]
    init(_ ships: [String]) { self.ships = ships }

    func makeIterator() -> ConvoyIterator { ConvoyIterator(ships: ships) }
}

struct ConvoyIterator: IteratorProtocol {
    private let ships: [String]
    private var next_ = 0
    init(ships: [String]) { self.ships = ships }

    mutating func next() -> String? {
        guard next_ < ships.count else { return nil }
        defer { next_ += 1 }
        return ships[next_]
    }
}

for ship in Convoy(["Doris", "Ondine"]) { print(ship) }
