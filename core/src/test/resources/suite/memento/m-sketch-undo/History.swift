final class History {
    private var past: [Snapshot] = []
    private let sketch: Sketch

    init(of sketch: Sketch) {
        self.sketch = sketch
    }

    func keep() {
        past.append(sketch.snapshot())
    }

    func undo() {
        guard let last = past.popLast() else { return }
        sketch.restore(last)
    }
}
