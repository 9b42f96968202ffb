struct Berths: Sequence {
    fileprivate let numbers: [Int]

    func makeIterator() -> FreeBerths {
        FreeBerths(berths: self)
    }
}

struct FreeBerths: IteratorProtocol {
    private let berths: Berths
    private var index = 0

    init(berths: Berths) {
        self.berths = berths
    }

    mutating func next() -> Int? {
        guard index < berths.numbers.count else { return nil }
        defer { index += 1 }
        return berths.numbers[index]
    }
}

for berth in Berths(numbers: [1, 2]) {
    print(berth)
}
