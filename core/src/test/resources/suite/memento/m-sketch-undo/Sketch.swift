struct Snapshot {
    fileprivate let strokes: [String]
    fileprivate let colour: String
}

final class Sketch {
    private var strokes: [String] = []
    private var colour = "black"

    func draw(_ stroke: String) { strokes.append(stroke) }

    func pick(_ colour: String) { self.colour = colour }

    func snapshot() -> Snapshot {
        Snapshot(strokes: strokes, colour: colour)
    }

    func restore(_ snapshot: Snapshot) {
        strokes = snapshot.strokes
        colour = snapshot.colour
    }
}
