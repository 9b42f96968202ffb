final class Way {
    private let marks: [String]

    init(marks: [String]) {
        self.marks = marks
    }

    func rest() -> Way {
        var left = marks
        left.removeFirst()
        return Way(marks: left)
    }
}

final class Pilot {
    func pass(_ way: Way) -> Way {
        way.rest()
    }
}
