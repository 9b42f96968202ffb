struct Point {
    let x: Double
    let y: Double
    static func + (left: Point, right: Point) -> Point { Point(x: left.x + right.x, y: left.y + right.y) }
    static func - (left: Point, right: Point) -> Point { Point(x: left.x - right.x, y: left.y - right.y) }
}

struct Beam {
    let start: Point
    let end: Point

    func flipped() -> Beam {
        Beam(start: start, end: start + (start - end))
    }

    func forward() -> Beam {
        guard end.x < start.x else { return self }
        return flipped()
    }
}

enum Sizing { case fixed, free }

struct Sign {
    var text: String
    var sizing = Sizing.fixed
    var beam: Beam?

    func resizable() -> Self {
        var copy = self
        copy.sizing = .free
        return copy
    }

    func dark() -> Sign {
        var copy = self
        copy.beam = nil
        return copy
    }
}

extension Double {
    var halved: Double { Double(Int(self) / 2) }
}
