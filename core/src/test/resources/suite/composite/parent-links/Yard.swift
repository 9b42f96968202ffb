class Area {
    let name: String
    weak var parent: Area?

    init(name: String) {
        self.name = name
    }

    func capacity() -> Int { 0 }

    var path: String {
        guard let parent else { return name }
        return parent.path + "/" + name
    }
}

final class Row: Area {
    private let slots: Int
    init(name: String, slots: Int) {
        self.slots = slots
        super.init(name: name)
    }
    override func capacity() -> Int { slots }
}

final class Yard: Area {
    private var areas: [Area] = []

    func add(_ area: Area) {
        area.parent = self
        areas.append(area)
    }

    override func capacity() -> Int {
        areas.reduce(0) { $0 + $1.capacity() }
    }
}

let yard = Yard(name: "north")
yard.add(Row(name: "a", slots: 12))
print(yard.capacity())
