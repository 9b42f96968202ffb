final class Drawing {
    private var shapes: [Shape] = []

    func add(_ shape: Shape) { shapes.append(shape) }

    func area() -> Double {
        shapes.reduce(0) { $0 + $1.accept(Area()) }
    }

    func captions() -> [String] {
        shapes.map { $0.accept(Caption()) }
    }
}
