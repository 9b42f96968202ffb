final class Chart { private var marks: [String] = []; private var scale = 1.0; func add(_ m: String) { marks.append(m) }; func drop() { marks.removeLast() }; func zoom(_ f: Double) { scale *= f } }
protocol Edit { func apply(); func revert() }
struct AddMark: Edit { let chart: Chart; let mark: String; func apply() { chart.add(mark) }; func revert() { chart.drop() } }
struct Zoom: Edit { let chart: Chart; let factor: Double; func apply() { chart.zoom(factor) }; func revert() { } }
final class Session {
    private var done: [Edit] = []
    private var zooms: [Zoom] = []
    func run(_ edit: Edit) { edit.apply(); done.append(edit) }
    func remember(_ zoom: Zoom) { zooms.append(zoom) }
    func undo() { done.popLast()?.revert() }
}
func day(_ s: Session, _ c: Chart) { s.run(AddMark(chart: c, mark: "x")); s.run(Zoom(chart: c, factor: 2)); s.undo() }
