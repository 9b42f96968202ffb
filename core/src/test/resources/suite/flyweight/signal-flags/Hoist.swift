struct Hoist {
    let design: FlagDesign
    let position: Int
}

final class SignalMast {
    private let locker: FlagLocker
    private var hoists: [Hoist] = []

    init(locker: FlagLocker) {
        self.locker = locker
    }

    func send(_ word: String) -> [String] {
        hoists = word.enumerated().map { Hoist(design: locker.design(for: $0.element), position: $0.offset) }
        return hoists.map { $0.design.hoist(at: $0.position) }
    }
}
