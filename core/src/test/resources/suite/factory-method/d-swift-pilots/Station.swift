protocol Boat {
    func reach(_ ship: String) -> Int
}

class Station {
    private var trips = 0

    func makeBoat() -> Boat {
        fatalError("every station has a boat of its own")
    }

    final func send(to ship: String) -> Int {
        let boat = makeBoat()
        trips += 1
        return boat.reach(ship)
    }
}

struct Launch: Boat {
    func reach(_ ship: String) -> Int { 25 }
}

struct RigidInflatable: Boat {
    let horsepower: Int
    func reach(_ ship: String) -> Int { 400 / horsepower }
}

final class InnerStation: Station {
    override func makeBoat() -> Boat { Launch() }
}

final class OuterStation: Station {
    private let boat = RigidInflatable(horsepower: 200)
    override func makeBoat() -> Boat { boat }
}
