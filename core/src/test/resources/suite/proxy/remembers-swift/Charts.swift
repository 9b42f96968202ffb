protocol Charts {
    func sheet(_ area: String) -> String
}

final class PaperCharts: Charts {
    private var opened = 0
    func sheet(_ area: String) -> String {
        opened += 1
        return "sheet of \(area) no \(opened)"
    }
}

final class RememberedCharts: Charts {
    private let charts: Charts
    private var known: [String: String] = [:]

    init(_ charts: Charts) { self.charts = charts }

    func sheet(_ area: String) -> String {
        if let sheet = known[area] { return sheet }
        let sheet = charts.sheet(area)
        known[area] = sheet
        return sheet
    }
}

final class Bridge {
    private let charts: Charts
    init(charts: Charts) { self.charts = charts }
    func plot() -> String { charts.sheet("west") + charts.sheet("west") }
}

print(Bridge(charts: RememberedCharts(PaperCharts())).plot())
