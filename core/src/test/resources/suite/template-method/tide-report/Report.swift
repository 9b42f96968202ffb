import Foundation

class TideReport {
    func text(for levels: [Double]) -> String {
        var lines = [title()]
        lines += levels.enumerated().map { line(at: $0.offset, level: $0.element) }
        if wantsSummary { lines.append(summary(levels)) }
        return lines.joined(separator: "\n")
    }
    func title() -> String { fatalError("subclasses say what it is called") }
    func line(at hour: Int, level: Double) -> String { fatalError("subclasses say how a line looks") }
    var wantsSummary: Bool { true }
    func summary(_ levels: [Double]) -> String { "mean \(levels.reduce(0, +) / Double(levels.count))" }
}

final class PlainReport: TideReport {
    override func title() -> String { "Tides" }
    override func line(at hour: Int, level: Double) -> String { "\(hour): \(level)" }
}

final class PilotReport: TideReport {
    private let ship: String
    init(ship: String) { self.ship = ship }
    override func title() -> String { "Tides for \(ship)" }
    override func line(at hour: Int, level: Double) -> String { level > 3 ? "\(hour)h ok" : "\(hour)h wait" }
    override var wantsSummary: Bool { false }
}
print(PilotReport(ship: "Marola").text(for: [2.0, 3.5]))
