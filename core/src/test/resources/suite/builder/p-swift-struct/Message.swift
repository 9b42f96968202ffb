struct Telex {
    let to: String
    let lines: [String]
    let urgent: Bool
    fileprivate init(to: String, lines: [String], urgent: Bool) {
        self.to = to
        self.lines = lines
        self.urgent = urgent
    }
}

final class TelexBuilder {
    private var to: String?
    private var lines: [String] = []
    private var urgent = false

    @discardableResult
    func to(_ ship: String) -> TelexBuilder {
        to = ship
        return self
    }

    @discardableResult
    func line(_ text: String) -> TelexBuilder {
        lines.append(text)
        return self
    }

    @discardableResult
    func urgentNow() -> TelexBuilder {
        return self
    }

    func build() -> Telex {
        Telex(to: to ?? "all ships", lines: lines, urgent: urgent)
    }
}

let telex = TelexBuilder().to("Ariel").line("fog").urgentNow().build()
print(telex.lines.count)
