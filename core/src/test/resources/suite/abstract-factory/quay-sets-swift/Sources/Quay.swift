protocol Crane {
    var reach: Int { get }
    func lift(_ tonnes: Int) -> Bool
}

protocol Mooring {
    func hold() -> String
}

protocol QuaySet {
    func crane() -> Crane
    func mooring(at bollard: Int) -> Mooring
}

struct GantryCrane: Crane {
    let reach = 60
    func lift(_ tonnes: Int) -> Bool { tonnes <= 65 }
}

struct SteelMooring: Mooring {
    let bollard: Int
    func hold() -> String { "steel at \(bollard)" }
}

struct DeckCrane: Crane {
    let reach = 18
    func lift(_ tonnes: Int) -> Bool { tonnes <= 8 }
}

struct RopeMooring: Mooring {
    let bollard: Int
    func hold() -> String { "rope at \(bollard)" }
}

final class ContainerSet: QuaySet {
    func crane() -> Crane { GantryCrane() }
    func mooring(at bollard: Int) -> Mooring { SteelMooring(bollard: bollard) }
}

final class CoasterSet: QuaySet {
    func crane() -> Crane { DeckCrane() }
    func mooring(at bollard: Int) -> Mooring { RopeMooring(bollard: bollard) }
}

final class BerthCrew {
    private let set: QuaySet
    private var lines: [Mooring] = []

    init(set: QuaySet) {
        self.set = set
    }

    func receive(tonnes: Int) -> String {
        lines = [set.mooring(at: 1), set.mooring(at: 4)]
        let able = set.crane().lift(tonnes)
        return lines.map { $0.hold() }.joined(separator: ", ") + (able ? " and lifted" : " and left")
    }
}

let crew = BerthCrew(set: CommandLine.arguments.count > 1 ? ContainerSet() : CoasterSet())
print(crew.receive(tonnes: 20))
