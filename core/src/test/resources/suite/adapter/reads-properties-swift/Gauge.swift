protocol TideGauge {
    var metres: Double { get }
    var rising: Bool { get }
}

final class OldTideTable {
    private var rows: [Int] = []
    private(set) var centimetres = 0

    var trend: String { rows.count > 1 && rows[rows.count - 1] > rows[rows.count - 2] ? "up" : "down" }

    func note(_ row: Int) {
        rows.append(row)
        centimetres = row
    }
}

struct TableGauge: TideGauge {
    private let table: OldTideTable

    init(table: OldTideTable) {
        self.table = table
    }

    var metres: Double { Double(table.centimetres) / 100 }
    var rising: Bool { table.trend == "up" }
}

func warn(_ gauge: TideGauge) -> String {
    gauge.metres > 4 && gauge.rising ? "high water" : ""
}
