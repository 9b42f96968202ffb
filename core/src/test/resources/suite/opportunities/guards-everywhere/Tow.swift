final class Winch {
    func heave(_ metres: Int) { print("heave \(metres)") }
    func slack(_ metres: Int) { print("slack \(metres)") }
    func hold() { print("hold") }
}

final class Tow {
    private var winch: Winch?
    private var metres = 0

    init(winch: Winch? = nil) {
        self.winch = winch
    }

    func shorten() {
        guard let winch = winch else { return }
        winch.heave(5)
        metres -= 5
    }

    func lengthen() {
        if winch == nil { return }
        winch!.slack(5)
        metres += 5
    }

    func stay() {
        if let winch {
            winch.hold()
        }
    }
}
