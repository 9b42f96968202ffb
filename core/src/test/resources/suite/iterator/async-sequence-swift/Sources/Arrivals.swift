struct Arrival {
    let ship: String
}

final class ArrivalBoard: AsyncSequence {
    typealias Element = Arrival
    private let ships: [String]

    init(ships: [String]) {
        self.ships = ships
    }

    func makeAsyncIterator() -> Walk {
        Walk(ships: ships)
    }

    struct Walk: AsyncIteratorProtocol {
        let ships: [String]
        var at = 0

        mutating func next() async -> Arrival? {
            guard at < ships.count else { return nil }
            defer { at += 1 }
            return Arrival(ship: ships[at])
        }
    }
}

for await arrival in ArrivalBoard(ships: ["Oria", "Mota"]) {
    print(arrival.ship)
}
