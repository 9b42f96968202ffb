@propertyWrapper
struct Late<Value> {
    private var kept: Value?
    private let make: () -> Value

    init(wrappedValue make: @autoclosure @escaping () -> Value) {
        self.make = make
    }

    var wrappedValue: Value {
        mutating get {
            if kept == nil {
                kept = make()
            }
            return kept!
        }
    }
}

protocol Chart {
    func depth(at mile: Int) -> Double
}

final class SeaChart: Chart {
    private let depths: [Double]

    init(sheet: String) {
        depths = (0..<500).map { Double($0 % 40) + Double(sheet.count) }
    }

    func depth(at mile: Int) -> Double { depths[mile] }
}

final class LateChart: Chart {
    private let sheet: String
    private lazy var chart = SeaChart(sheet: sheet)

    init(sheet: String) {
        self.sheet = sheet
    }

    func depth(at mile: Int) -> Double { chart.depth(at: mile) }
}
