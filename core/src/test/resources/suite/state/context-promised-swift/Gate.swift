protocol Gate: AnyObject {
    func push()
    func pay()
}

protocol GateState {
    func push(_ gate: BarrierGate)
    func pay(_ gate: BarrierGate)
}

final class BarrierGate: Gate {
    private var state: GateState = Shut()
    private(set) var passed = 0

    func push() { state.push(self) }
    func pay() { state.pay(self) }
    func enter(_ next: GateState) { state = next }
    func count() { passed += 1 }
}

struct Shut: GateState {
    func push(_ gate: BarrierGate) {}
    func pay(_ gate: BarrierGate) { gate.enter(Open(since: gate.passed)) }
}

struct Open: GateState {
    let since: Int
    func push(_ gate: BarrierGate) {
        gate.count()
        gate.enter(Shut())
    }
    func pay(_ gate: BarrierGate) {}
}
