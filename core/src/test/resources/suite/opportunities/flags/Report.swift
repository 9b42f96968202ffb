final class PortReport {
    var withTides = false
    var withWeather = false
    var withTraffic = true
    private let lines: [String]

    init(lines: [String]) { self.lines = lines }

    func text() -> String {
        var out = lines.joined(separator: "\n")
        if withTides { out += "\nHigh water 04:10" }
        if withWeather { out += "\nNE 5" }
        if withTraffic { out += "\n3 ships at anchor" }
        return out
    }
}

func noon() -> String {
    let report = PortReport(lines: ["Aldera"])
    report.withTides = true
    return report.text()
}
