final class Crane {
    private(set) var height = 0
    private(set) var load: String?
    func hoist(by metres: Int) { height += metres }
    func grab(_ name: String) { load = name }
    func release() -> String? { defer { load = nil }; return load }
}

protocol CraneOrder {
    func execute()
    func undo()
}

final class Hoist: CraneOrder {
    private let crane: Crane
    private let metres: Int
    init(crane: Crane, metres: Int) { self.crane = crane; self.metres = metres }
    func execute() { crane.hoist(by: metres) }
    func undo() { crane.hoist(by: -metres) }
}

final class Grab: CraneOrder {
    private let crane: Crane
    private let name: String
    init(crane: Crane, name: String) { self.crane = crane; self.name = name }
    func execute() { crane.grab(name) }
    func undo() { _ = crane.release() }
}

final class CraneDesk {
    private var done: [CraneOrder] = []
    func run(_ order: CraneOrder) {
        order.execute()
        done.append(order)
    }
    func undoLast() { done.popLast()?.undo() }
}

let crane = Crane()
let desk = CraneDesk()
desk.run(Hoist(crane: crane, metres: 4))
desk.run(Grab(crane: crane, name: "box"))
desk.undoLast()
