protocol Crane {
    func lift(_ tons: Int) -> Bool
}

struct RailCrane: Crane {
    func lift(_ tons: Int) -> Bool { tons < 80 }
}

struct FloatingCrane: Crane {
    let sea: Int
    func lift(_ tons: Int) -> Bool { tons < 300 && sea < 3 }
}

class Dock {
    private var lifted = 0

    func makeCrane() -> Crane {
        RailCrane()
    }

    func unload(_ loads: [Int]) -> Int {
        let crane = makeCrane()
        for load in loads where crane.lift(load) {
            lifted += load
        }
        return lifted
    }
}

final class OuterDock: Dock {
    private let sea: Int

    init(sea: Int) { self.sea = sea }

    override func makeCrane() -> Crane {
        FloatingCrane(sea: sea)
    }
}

struct Port {
    let docks: [Dock] = [Dock(), OuterDock(sea: 2)]
    func day() -> Int { docks.map { $0.unload([20, 120]) }.reduce(0, +) }
}
