struct Edit {
    let apply: () -> Void
    let revert: () -> Void
}

final class History {
    private var done: [Edit] = []
    private var undone: [Edit] = []

    func run(_ edit: Edit) {
        edit.apply()
        done.append(edit)
        undone.removeAll()
    }

    func undo() {
        guard let edit = done.popLast() else { return }
        edit.revert()
        undone.append(edit)
    }
}

final class Chart {
    private(set) var marks: [String] = []

    func add(_ mark: String) {
        marks.append(mark)
    }

    func removeLast() {
        marks.removeLast()
    }
}

let chart = Chart()
let history = History()
history.run(Edit(apply: { chart.add("wreck") }, revert: { chart.removeLast() }))
history.undo()
print(chart.marks.count)
