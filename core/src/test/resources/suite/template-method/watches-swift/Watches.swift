protocol Drill {
    func gather() -> Int
    func exercise(_ people: Int)
    func run()
}

extension Drill {
    func run() {
        let people = gather()
        exercise(people)
    }
}

struct FireDrill: Drill {
    func gather() -> Int { 12 }
    func exercise(_ people: Int) { print("hoses for \(people)") }
}

struct BoatDrill: Drill {
    let boats: Int
    func gather() -> Int { boats * 8 }
    func exercise(_ people: Int) { print("\(people) into \(boats)") }
}
