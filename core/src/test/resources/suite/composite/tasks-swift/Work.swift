protocol Work {
    var name: String { get }
    func hours() -> Int
    func finish()
}

final class Task: Work {
    let name: String
    private let estimate: Int
    private var open = true

    init(_ name: String, estimate: Int) {
        self.name = name
        self.estimate = estimate
    }

    func hours() -> Int { open ? estimate : 0 }
    func finish() { open = false }
}

final class Project: Work {
    let name: String
    private var parts: [any Work] = []

    init(_ name: String) { self.name = name }

    func add(_ part: any Work) { parts.append(part) }

    func hours() -> Int {
        var sum = 0
        for part in parts {
            sum += part.hours()
        }
        return sum
    }

    func finish() { parts.forEach { $0.finish() } }
}

struct Planner {
    func plan() -> Int {
        let house = Project("house")
        house.add(Task("roof", estimate: 40))
        let garden = Project("garden")
        garden.add(Task("hedge", estimate: 6))
        house.add(garden)
        return house.hours()
    }
}
