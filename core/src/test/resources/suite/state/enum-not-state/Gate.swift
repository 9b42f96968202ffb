enum GateMode { case open, closed, locked }
final class Gate {
    private(set) var mode: GateMode = .closed
    func push() {
        switch mode {
        case .open: mode = .closed
        case .closed: mode = .open
        case .locked: break
        }
    }
    func lock() { if mode == .closed { mode = .locked } }
    var lamp: String {
        switch mode {
        case .open: return "green"
        case .closed: return "amber"
        case .locked: return "red"
        }
    }
}
func pass() -> String { let gate = Gate(); gate.push(); return gate.lamp }
