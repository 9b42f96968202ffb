struct ChartState {
    fileprivate let zoom: Double
    fileprivate let marks: [String]
}

final class Chart {
    private var zoom = 1.0
    private var marks: [String] = []

    func mark(_ place: String) { marks.append(place) }
    func zoom(by factor: Double) { zoom *= factor }

    var state: ChartState {
        get { ChartState(zoom: zoom, marks: marks) }
        set {
            zoom = newValue.zoom
            marks = newValue.marks
        }
    }
}

final class Undo {
    private var states: [ChartState] = []
    private let chart: Chart

    init(chart: Chart) { self.chart = chart }

    func keep() { states.append(chart.state) }

    func back() {
        if let last = states.popLast() {
            chart.state = last
        }
    }
}
