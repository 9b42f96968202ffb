final class Recorder {
    func note(_ text: String) { print(text) }
}

final class Winch {
    var recorder: Recorder?
    private var metres = 0

    func haul(_ by: Int) {
        metres += by
        guard let recorder else { return }
        recorder.note("hauled \(by)")
    }

    func slack(_ by: Int) {
        metres -= by
        guard let recorder = recorder else { return }
        recorder.note("slack \(by)")
    }

    func stop() {
        if let r = recorder {
            r.note("stopped at \(metres)")
        }
    }
}

let winch = Winch()
winch.haul(3)
winch.stop()
