struct MileIterator: IteratorProtocol {
    private var at = 0
    private let miles: Int

    init(miles: Int) {
        self.miles = miles
    }

    mutating func next() -> Int? {
        if at >= miles {
            return nil
        }
        at += 1
        return at
    }
}

struct Voyage: Sequence {
    private let miles: Int

    init(miles: Int) {
        self.miles = miles
    }

    func makeIterator() -> MileIterator {
        return MileIterator(miles: miles)
    }
}

final class Logger {
    func log(_ voyage: Voyage) {
        for mile in voyage {
            print(mile)
        }
    }
}
