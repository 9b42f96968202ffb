protocol Order {
    func run()
    func undo()
}

final class Crane {
    private(set) var height = 0
    func raise(by metres: Int) { height += metres }
    func lower(by metres: Int) { height -= metres }
}

struct Raise: Order {
    let crane: Crane
    let metres: Int
    func run() { crane.raise(by: metres) }
    func undo() { crane.lower(by: metres) }
}

struct Lower: Order {
    let crane: Crane
    let metres: Int
    func run() { crane.lower(by: metres) }
    func undo() { crane.raise(by: metres) }
}

final class Cabin {
    private var done: [any Order] = []

    func perform(_ order: some Order) {
        order.run()
        done.append(order)
    }

    func back() {
        done.popLast()?.undo()
    }
}

let crane = Crane()
let cabin = Cabin()
cabin.perform(Raise(crane: crane, metres: 3))
cabin.perform(Lower(crane: crane, metres: 1))
cabin.back()
