final class ChartView {
    private var zoom = 1.0
    private var centre = (0.0, 0.0)
    private var layer = "depth"

    func zoomIn() { zoom *= 2 }
    func pan(x: Double, y: Double) { centre = (centre.0 + x, centre.1 + y) }
    func show(layer: String) { self.layer = layer }

    struct Bookmark {
        fileprivate let zoom: Double
        fileprivate let centre: (Double, Double)
    }

    func bookmark() -> Bookmark {
        Bookmark(zoom: zoom, centre: centre)
    }

    func open(_ bookmark: Bookmark) {
        zoom = bookmark.zoom
        centre = bookmark.centre
    }
}

final class Navigator {
    private let view: ChartView
    private var marks: [ChartView.Bookmark] = []
    init(view: ChartView) { self.view = view }
    func mark() { marks.append(view.bookmark()) }
    func back() {
        guard let last = marks.popLast() else { return }
        view.open(last)
    }
}
