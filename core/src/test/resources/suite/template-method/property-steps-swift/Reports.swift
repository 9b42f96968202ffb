class Report {
    var title: String { fatalError("subclasses say it") }
    var footer: String { "Port of Aldera" }

    func rows() -> [String] {
        fatalError("subclasses say it")
    }

    final func text() -> String {
        var lines = [title]
        lines += rows().map { "- \($0)" }
        lines.append(footer)
        return lines.joined(separator: "\n")
    }
}

final class ShipReport: Report {
    override var title: String { "Ships" }
    override func rows() -> [String] { ["Anna", "Berta"] }
}

final class DuesReport: Report {
    override var title: String { "Dues" }
    override var footer: String { "in guilders" }
    override func rows() -> [String] { ["120"] }
}
