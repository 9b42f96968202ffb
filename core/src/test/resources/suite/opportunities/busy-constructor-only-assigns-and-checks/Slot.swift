struct SlotError: Error {}

final class Slot {
    let from: Int
    let to: Int
    private let length: Int
    private var taken: [String] = []

    init(from: Int, to: Int) throws {
        guard from < to else { throw SlotError() }
        self.from = from
        self.to = to
        self.length = to - from
    }

    func take(_ name: String) {
        taken.append(name)
    }

    func minutes() -> Int { length * 60 }
}

let slot = try Slot(from: 8, to: 10)
slot.take("pilot")
print(slot.minutes())
