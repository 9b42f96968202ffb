struct Departure {
    let minute: Int
    let platform: Int
}

struct Timetable: Sequence {
    private let first: Int
    private let every: Int

    init(first: Int, every: Int) {
        self.first = first
        self.every = every
    }

    func makeIterator() -> DepartureIterator {
        DepartureIterator(minute: first, every: every)
    }
}

struct DepartureIterator: IteratorProtocol {
    private var minute: Int
    private let every: Int

    init(minute: Int, every: Int) {
        self.minute = minute
        self.every = every
    }

    mutating func next() -> Departure? {
        guard minute < 60 else { return nil }
        defer { minute += every }
        return Departure(minute: minute, platform: minute % 4)
    }
}

struct Board {
    func show(_ table: Timetable) -> [Int] {
        var minutes: [Int] = []
        for departure in table {
            minutes.append(departure.minute)
        }
        return minutes
    }
}
