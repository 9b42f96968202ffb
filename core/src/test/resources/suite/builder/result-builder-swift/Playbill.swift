struct Act {
    let title: String
    let minutes: Int
}

struct Playbill {
    let acts: [Act]

    var length: Int { acts.reduce(0) { $0 + $1.minutes } }
}

final class PlaybillBuilder {
    private var acts: [Act] = []
    private var pause = 15

    @discardableResult
    func act(_ title: String, minutes: Int) -> Self {
        acts.append(Act(title: title, minutes: minutes + pause))
        return self
    }

    @discardableResult
    func pause(_ minutes: Int) -> Self {
        pause = minutes
        return self
    }

    func build() -> Playbill {
        precondition(!acts.isEmpty, "a playbill needs an act")
        return Playbill(acts: acts)
    }
}
