final class Scale {
    private var rows: [String] = []
    private let round: (Double) -> Int

    init(round: @escaping (Double) -> Int) {
        self.round = round
    }

    func put(_ kilos: Double) {
        rows.append(String(round(kilos)))
    }
}

func scales() -> [Scale] {
    [Scale(round: Int.init), Scale(round: Harbour.Whole.init)]
}
