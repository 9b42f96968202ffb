protocol ConsoleDelegate: AnyObject {
    func changed(_ panel: Panel)
}

class Panel {
    weak var delegate: ConsoleDelegate?
    func touched() { delegate?.changed(self) }
}

final class SpeedPanel: Panel {
    private(set) var knots = 0
    func set(_ value: Int) { knots = value; touched() }
    func limit(_ most: Int) { knots = min(knots, most) }
}

final class FogPanel: Panel {
    private(set) var fog = false
    func toggle() { fog.toggle(); touched() }
}

final class HornPanel: Panel {
    private var blasts = 0
    func blast() { blasts += 1 }
}

final class Console: ConsoleDelegate {
    private let speed = SpeedPanel()
    private let fog = FogPanel()
    private let horn = HornPanel()

    init() {
        [speed, fog, horn].forEach { $0.delegate = self }
    }

    func changed(_ panel: Panel) {
        if panel === fog && fog.fog {
            speed.limit(6)
            horn.blast()
        } else if panel === speed && speed.knots > 20 {
            horn.blast()
        }
    }

    func night() { fog.toggle() }
}

Console().night()
