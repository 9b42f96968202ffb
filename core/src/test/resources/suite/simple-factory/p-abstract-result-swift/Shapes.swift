protocol Shape {
    var area: Double { get }
}

struct Square: Shape {
    let side: Double
    var area: Double { side * side }
}

struct Disc: Shape {
    let radius: Double
    var area: Double { radius * radius * 3.14 }
}

enum ShapeKind { case square, disc }

enum ShapeFactory {
    static func make(_ kind: ShapeKind, size: Double) -> some Shape {
        AnyShape(kind == .square ? Square(side: size) : Disc(radius: size))
    }

    static func shape(_ kind: ShapeKind, size: Double) -> any Shape {
        switch kind {
        case .square: return Square(side: size)
        case .disc: return Disc(radius: size)
        }
    }
}

struct AnyShape: Shape {
    private let inner: any Shape
    init(_ inner: any Shape) { self.inner = inner }
    var area: Double { inner.area }
}

struct Floor {
    func price(_ kind: ShapeKind) -> Double {
        ShapeFactory.shape(kind, size: 4).area * 30
    }
}
