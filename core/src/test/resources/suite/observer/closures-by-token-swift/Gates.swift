final class SluiceGate {
    private(set) var open = false

    func watch(_ weir: Weir) {
        weir.onChange { [weak self] level in
            self?.open = level > 2.0
        }
    }
}

final class WarningSign {
    private(set) var text = ""

    init(weir: Weir) {
        weir.onChange { self.text = "level \($0)" }
    }
}
