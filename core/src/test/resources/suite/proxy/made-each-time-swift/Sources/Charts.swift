protocol ChartSource {
    func tile(_ x: Int, _ y: Int) -> String
    func region() -> String
}

final class DiskCharts: ChartSource {
    private let tiles: [String]

    init(path: String) {
        tiles = (0..<100).map { "\(path)/\($0)" }
    }

    func tile(_ x: Int, _ y: Int) -> String { tiles[x * 10 + y] }
    func region() -> String { tiles[0] }
}

final class LateCharts: ChartSource {
    private let path: String

    init(path: String) { self.path = path }

    func tile(_ x: Int, _ y: Int) -> String { DiskCharts(path: path).tile(x, y) }
    func region() -> String { DiskCharts(path: path).region() }
}

final class Plotter {
    private let charts: ChartSource
    init(charts: ChartSource) { self.charts = charts }
    func plot() -> String { charts.region() + charts.tile(1, 2) }
}

let plotter = Plotter(charts: LateCharts(path: "/charts"))
let check = DiskCharts(path: "/other")
print(plotter.plot(), check.region())
