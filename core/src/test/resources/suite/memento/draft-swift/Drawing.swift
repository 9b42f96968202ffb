struct Draft {
    let lines: [String]
    let scale: Int
}

final class Drawing {
    private var lines: [String] = []
    private var scale = 1

    func draw(_ line: String) {
        lines.append(line)
    }

    func zoom(_ by: Int) {
        scale += by
    }

    func save() -> Draft {
        return Draft(lines: lines, scale: scale)
    }

    func restore(_ draft: Draft) {
        lines = draft.lines
        scale = draft.scale
    }
}

final class Drawer {
    private var drafts: [Draft] = []

    func keep(_ drawing: Drawing) {
        drafts.append(drawing.save())
    }

    func back(_ drawing: Drawing) {
        if let last = drafts.popLast() {
            drawing.restore(last)
        }
    }
}
