protocol Lamp {
    func shine() -> String
}

protocol Sign {
    func text() -> String
}

struct OilLamp: Lamp {
    func shine() -> String { "yellow" }
}

struct NeonLamp: Lamp {
    func shine() -> String { "pink" }
}

struct PaintedSign: Sign {
    func text() -> String { "Harbour" }
}

struct NeonSign: Sign {
    func text() -> String { "HARBOUR" }
}

protocol Theme {
    func lamp() -> any Lamp
    func sign() -> any Sign
}

struct OldTheme: Theme {
    func lamp() -> any Lamp { OilLamp() }
    func sign() -> any Sign { PaintedSign() }
}

struct NeonTheme: Theme {
    func lamp() -> any Lamp { NeonLamp() }
    func sign() -> any Sign { NeonSign() }
}

final class Pier {
    private let theme: any Theme

    init(theme: any Theme) {
        self.theme = theme
    }

    func front() -> String {
        theme.sign().text() + " " + theme.lamp().shine()
    }
}

print(Pier(theme: OldTheme()).front(), Pier(theme: NeonTheme()).front())
