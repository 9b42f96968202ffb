protocol Berth {
    func length() -> Int
}

struct DeepBerth: Berth {
    func length() -> Int { 300 }
}

struct TidalBerth: Berth {
    func length() -> Int { 90 }
}

enum Draught {
    case deep, shallow
}

final class BerthPlanner {
    private var planned = 0

    func plan(for draught: Draught) {
        let berth: Berth
        switch draught {
        case .deep:
            berth = DeepBerth()
        case .shallow:
            berth = TidalBerth()
        }
        planned += berth.length()
    }

    var metres: Int { planned }
}

let planner = BerthPlanner()
planner.plan(for: .deep)
print(planner.metres)
