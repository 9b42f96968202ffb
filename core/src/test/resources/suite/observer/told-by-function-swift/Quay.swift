protocol BargeWatch: AnyObject {
    func moored(_ barge: String)
}

final class Ledger: BargeWatch {
    private var count = 0
    func moored(_ barge: String) {
        count += 1
    }
}

final class Lamp: BargeWatch {
    private(set) var shown = ""
    func moored(_ barge: String) {
        shown = barge
    }
}

final class Quay {
    private var watches: [BargeWatch] = []

    func join(_ watch: BargeWatch) {
        watches.append(watch)
    }

    func leave(_ watch: BargeWatch) {
        watches.removeAll { $0 === watch }
    }

    func moor(_ barge: String) {
        notify { $0.moored(barge) }
    }

    private func notify(_ tell: (BargeWatch) -> Void) {
        for watch in watches {
            tell(watch)
        }
    }
}
