protocol BerthState: AnyObject {
    func toggle(_ berth: Berth)
    var label: String { get }
}

final class Free: BerthState {
    func toggle(_ berth: Berth) {
        berth.change(to: Taken())
    }
    var label: String { return "free" }
}

final class Taken: BerthState {
    func toggle(_ berth: Berth) {
        berth.change(to: Free())
    }
    var label: String { return "taken" }
}

final class Berth {
    private var state: BerthState = Free()

    private func putState(_ to: BerthState) {
        state = to
    }

    func change(to next: BerthState) {
        putState(next)
    }

    func toggle() {
        state.toggle(self)
    }

    func show() -> String {
        return state.label
    }
}
