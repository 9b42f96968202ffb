struct Rack: Sequence {
    private var ropes: [String] = []

    mutating func hang(_ rope: String) {
        ropes.append(rope)
    }

    func makeIterator() -> IndexingIterator<[String]> {
        return ropes.makeIterator()
    }
}

var rack = Rack()
rack.hang("hemp")
for rope in rack {
    print(rope)
}
