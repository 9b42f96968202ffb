protocol Tree { var glyph: Character { get } }
protocol Rock { func blocks(_ walker: Int) -> Bool }

struct Palm: Tree { let glyph: Character = "P" }
struct Fir: Tree { let glyph: Character = "F" }

struct SandRock: Rock {
    func blocks(_ walker: Int) -> Bool { walker > 2 }
}

struct IceRock: Rock {
    func blocks(_ walker: Int) -> Bool { true }
}

protocol TerrainFactory {
    func makeTree() -> Tree
    func makeRock() -> Rock
}

struct DesertFactory: TerrainFactory {
    func makeTree() -> Tree { Palm() }
    func makeRock() -> Rock { SandRock() }
}

struct TundraFactory: TerrainFactory {
    func makeTree() -> Tree { Fir() }
    func makeRock() -> Rock { IceRock() }
}

final class WorldMap {
    private let factory: TerrainFactory
    private var rows: [String] = []

    init(factory: TerrainFactory) {
        self.factory = factory
    }

    func grow(width: Int) {
        var row = ""
        for _ in 0..<width {
            row.append(factory.makeTree().glyph)
        }
        rows.append(row)
    }

    func walkable(by walker: Int) -> Bool {
        !factory.makeRock().blocks(walker)
    }
}
