struct Report {
    let head: () -> String
    let body: () -> String

    func print() -> String {
        head() + "\n" + body()
    }
}

let tides = Report(head: { "tides" }, body: { "4 m" })
let cranes = Report(head: { "cranes" }, body: { "6 h" })
