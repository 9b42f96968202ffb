protocol Report {
    var title: String { get }
    func rows() -> [String]
    func footer() -> String
}

extension Report {
    func text() -> String {
        var lines = [title]
        lines.append(contentsOf: rows())
        lines.append(footer())
        return lines.joined(separator: "\n")
    }

    func footer() -> String {
        "end"
    }
}

struct TideReport: Report {
    let title = "tides"
    let levels: [Int]

    func rows() -> [String] {
        levels.map { "\($0) cm" }
    }
}

struct ShipReport: Report {
    let title = "ships"
    let names: [String]

    func rows() -> [String] {
        names.sorted()
    }

    func footer() -> String {
        "\(names.count) ships"
    }
}

let reports: [any Report] = [TideReport(levels: [10, 20]), ShipReport(names: ["Rosa"])]
for report in reports {
    print(report.text())
}
