struct CraneState {
    fileprivate let x: Int
    fileprivate let load: String?
}

final class Crane {
    private var x = 0
    private var load: String?

    func move(by metres: Int) { x += metres }
    func lift(_ what: String) { load = what }

    func save() -> CraneState { CraneState(x: x, load: load) }

    func restore(_ state: CraneState) {
        x = state.x
        load = state.load
    }
}

final class Operator {
    private var saved: [CraneState] = []
    private let crane: Crane

    init(crane: Crane) { self.crane = crane }

    func mark() { saved.append(crane.save()) }

    func undo() {
        guard let last = saved.popLast() else { return }
        crane.restore(last)
    }
}
