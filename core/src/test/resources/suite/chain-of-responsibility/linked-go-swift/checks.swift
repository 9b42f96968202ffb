class Check {
    private var next: Check?

    @discardableResult
    func then(_ check: Check) -> Check {
        next = check
        return check
    }

    func run(_ arrival: Arrival) -> String? {
        next?.run(arrival)
    }
}

struct Arrival {
    let papers: Bool
    let draught: Double
}

final class PapersCheck: Check {
    override func run(_ arrival: Arrival) -> String? {
        if !arrival.papers { return "no papers" }
        return super.run(arrival)
    }
}

final class DraughtCheck: Check {
    override func run(_ arrival: Arrival) -> String? {
        if arrival.draught > 9 { return "too deep" }
        return super.run(arrival)
    }
}

let first = PapersCheck()
first.then(DraughtCheck())
print(first.run(Arrival(papers: true, draught: 4)) ?? "clear")
