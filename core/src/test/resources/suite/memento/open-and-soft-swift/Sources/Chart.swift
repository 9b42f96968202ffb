final class ChartMarks {
    var points: [String]
    var zoom: Int

    init(points: [String], zoom: Int) {
        self.points = points
        self.zoom = zoom
    }
}

final class Chart {
    private var points: [String] = []
    private var zoom = 1

    func mark(_ point: String) { points.append(point) }
    func closer() { zoom *= 2 }

    func save() -> ChartMarks { ChartMarks(points: points, zoom: zoom) }

    func restore(_ marks: ChartMarks) {
        points = marks.points
        zoom = marks.zoom
    }
}

final class Undo {
    private var saved: [ChartMarks] = []
    private let chart: Chart

    init(chart: Chart) { self.chart = chart }

    func remember() { saved.append(chart.save()) }

    func back() {
        guard let last = saved.popLast(), !last.points.isEmpty else { return }
        chart.restore(last)
    }
}

let chart = Chart()
let undo = Undo(chart: chart)
chart.mark("wreck")
undo.remember()
chart.closer()
undo.back()
