protocol StowPlan {
    func order(_ crates: [Int]) -> [Int]
}

struct HeavyFirst: StowPlan {
    func order(_ crates: [Int]) -> [Int] { crates.sorted(by: >) }
}

struct AsTheyCome: StowPlan {
    func order(_ crates: [Int]) -> [Int] { crates.filter { $0 > 0 } }
}

final class Hold {
    var plan: StowPlan = HeavyFirst()
    private var stowed: [Int] = []

    func stow(_ crates: [Int]) {
        if plan is AsTheyCome {
            print("in any order")
        }
        stowed += plan.order(crates)
    }

    func hurry() {
        plan = AsTheyCome()
    }
}

func load(_ hold: Hold) {
    hold.plan = AsTheyCome()
    hold.stow([4, 9, 2])
}
