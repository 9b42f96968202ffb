protocol Chart {
    func depth(_ x: Int, _ y: Int) -> Double
    func title() -> String
}

final class FullChart: Chart {
    private let name: String
    init(name: String) { self.name = name }
    func depth(_ x: Int, _ y: Int) -> Double { Double(x * 2 + y) }
    func title() -> String { name }
}

final class LateChart: Chart {
    private let name: String
    private lazy var chart: FullChart = {
        print("loading \(name)")
        return FullChart(name: name)
    }()
    init(name: String) { self.name = name }
    func depth(_ x: Int, _ y: Int) -> Double { chart.depth(x, y) }
    func title() -> String { chart.title() }
}

func safe(_ chart: Chart) -> Bool { chart.depth(3, 4) > 4 }
print(safe(LateChart(name: "bay")))
