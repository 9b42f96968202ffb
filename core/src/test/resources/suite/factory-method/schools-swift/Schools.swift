protocol Boat { func sail() -> String }
final class Dinghy: Boat { func sail() -> String { "tacks" } }
final class Keelboat: Boat { func sail() -> String { "heels" } }

class School {
    func makeBoat() -> Boat { fatalError("each school makes its own") }
    func lesson() -> String {
        let boat = makeBoat()
        return "today: \(boat.sail())"
    }
}
final class ChildrensSchool: School {
    override func makeBoat() -> Boat { Dinghy() }
}
final class OffshoreSchool: School {
    override func makeBoat() -> Boat { return Keelboat() }
}
