protocol ShapeVisitor {
    associatedtype Result
    func visit(circle: Circle) -> Result
    func visit(box: Box) -> Result
}

protocol Shape {
    func accept<V: ShapeVisitor>(_ visitor: V) -> V.Result
}

struct Circle: Shape {
    let radius: Double
    func accept<V: ShapeVisitor>(_ visitor: V) -> V.Result { visitor.visit(circle: self) }
}

struct Box: Shape {
    let width: Double
    let height: Double
    func accept<V: ShapeVisitor>(_ visitor: V) -> V.Result { visitor.visit(box: self) }
}

struct Area: ShapeVisitor {
    func visit(circle: Circle) -> Double { circle.radius * circle.radius * 3.14 }
    func visit(box: Box) -> Double { box.width * box.height }
}

struct Caption: ShapeVisitor {
    func visit(circle: Circle) -> String { "circle" }
    func visit(box: Box) -> String { "box \(box.width)" }
}
