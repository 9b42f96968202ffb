protocol Report {
    var title: String { get }
    func body() -> [String]
    func footer() -> String
}

extension Report {
    func footer() -> String { "port of Aldera" }

    func text() -> String {
        ([title.uppercased()] + body() + [footer()]).joined(separator: "\n")
    }
}

struct CrewReport: Report {
    let names: [String]
    var title: String { "crew" }
    func body() -> [String] { names }
}

struct FuelReport: Report {
    let tonnes: Int
    let title = "fuel"
    func body() -> [String] { ["\(tonnes) t"] }
    func footer() -> String { "engine room" }
}

let reports: [Report] = [CrewReport(names: ["Ines"]), FuelReport(tonnes: 40)]
reports.forEach { print($0.text()) }
