protocol Panel: AnyObject {
    var title: String { get }
    func redraw()
}

final class Desk {
    private var panels: [ObjectIdentifier: Panel] = [:]
    private(set) var theme: Theme

    init(theme: Theme) {
        self.theme = theme
    }

    func open(_ panel: Panel) {
        panels[ObjectIdentifier(panel)] = panel
    }

    func close(_ panel: Panel) {
        panels[ObjectIdentifier(panel)] = nil
    }

    func use(_ theme: Theme) {
        self.theme = theme
        panels.values.forEach { $0.redraw() }
    }
}

protocol Theme {
    func background() -> String
    func pen() -> String
}

struct DayTheme: Theme {
    func background() -> String { "white" }
    func pen() -> String { "black" }
}

struct NightTheme: Theme {
    func background() -> String { "navy" }
    func pen() -> String { "amber" }
}

final class TidePanel: Panel {
    let title = "Tide"
    private unowned let desk: Desk

    init(desk: Desk) {
        self.desk = desk
    }

    func redraw() {
        print(title, desk.theme.background(), desk.theme.pen())
    }
}

final class ShipPanel: Panel {
    let title = "Ships"
    private var redraws = 0

    func redraw() {
        redraws += 1
        print(title, redraws)
    }
}

let desk = Desk(theme: DayTheme())
let tide = TidePanel(desk: desk)
desk.open(tide)
desk.open(ShipPanel())
desk.use(NightTheme())
desk.close(tide)
