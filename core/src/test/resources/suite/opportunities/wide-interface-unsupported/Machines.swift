protocol Machine {
    func lift(_ tonnes: Int) -> Int
    func drive(_ metres: Int) -> Int
    func weld() -> String
}

final class Crane: Machine {
    private var lifted = 0

    func lift(_ tonnes: Int) -> Int {
        lifted += tonnes
        return lifted
    }

    func drive(_ metres: Int) -> Int {
        fatalError("a crane stays where it is")
    }

    func weld() -> String {
        fatalError("not a welder")
    }
}

final class Truck: Machine {
    private var driven = 0

    func lift(_ tonnes: Int) -> Int {
        fatalError("no arm")
    }

    func drive(_ metres: Int) -> Int {
        driven += metres
        return driven
    }

    func weld() -> String { "" }
}

let machines: [Machine] = [Crane(), Truck()]
print(machines[0].lift(3), machines[1].drive(2))
