protocol Survey {
    func prepare()
    func measure() -> Int
    func conclude(_ marks: Int) -> String
}

extension Survey {
    func run() -> String {
        prepare()
        let marks = measure()
        return conclude(marks)
    }

    func prepare() {}
}

struct HullSurvey: Survey {
    func measure() -> Int { 4 }
    func conclude(_ marks: Int) -> String { "hull \(marks)" }
}

struct DeckSurvey: Survey {
    func prepare() { print("sweep") }
    func measure() -> Int { 2 }
    func conclude(_ marks: Int) -> String { "deck \(marks)" }
}

print(HullSurvey().run(), DeckSurvey().run())
