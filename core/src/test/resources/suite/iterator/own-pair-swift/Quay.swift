protocol BerthWalk {
    func hasNext() -> Bool
    func next() -> String
}

final class Quay {
    private var berths: [String] = []
    func add(_ berth: String) { berths.append(berth) }
    func walk() -> BerthWalk { Forward(berths: berths) }
}

final class Forward: BerthWalk {
    private let berths: [String]
    private var at = 0
    init(berths: [String]) { self.berths = berths }
    func hasNext() -> Bool { at < berths.count }
    func next() -> String {
        defer { at += 1 }
        return berths[at]
    }
}

let quay = Quay()
quay.add("west")
let walk = quay.walk()
while walk.hasNext() { print(walk.next()) }
