protocol ChartFactory {
    func makeAxis() -> Axis
    func makeMark() -> Mark
}

protocol Axis {
    func draw(_ length: Int) -> String
}

protocol Mark {
    func draw(at depth: Int) -> String
}

struct PaperAxis: Axis {
    func draw(_ length: Int) -> String { String(repeating: "-", count: length) }
}

struct PaperMark: Mark {
    func draw(at depth: Int) -> String { "x\(depth)" }
}

struct ScreenAxis: Axis {
    func draw(_ length: Int) -> String { "<line \(length)>" }
}

struct ScreenMark: Mark {
    func draw(at depth: Int) -> String { "<dot \(depth)>" }
}

struct PaperCharts: ChartFactory {
    func makeAxis() -> Axis { PaperAxis() }
    func makeMark() -> Mark { PaperMark() }
}

struct ScreenCharts: ChartFactory {
    func makeAxis() -> Axis { ScreenAxis() }
    func makeMark() -> Mark { ScreenMark() }
}

final class Chart {
    private let factory: ChartFactory

    init(factory: ChartFactory) {
        self.factory = factory
    }

    func text(_ depths: [Int]) -> String {
        let axis = factory.makeAxis()
        var out = axis.draw(depths.count)
        for depth in depths {
            out += factory.makeMark().draw(at: depth)
        }
        return out
    }
}
