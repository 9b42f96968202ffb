protocol Jacket { func pockets() -> Int }
protocol Cap { func badge() -> String }

protocol Outfitter {
    func jacket(size: Int) -> Jacket
    func cap() -> Cap
}

struct OilskinJacket: Jacket { let size: Int; func pockets() -> Int { 2 } }
struct DressJacket: Jacket { let size: Int; func pockets() -> Int { size > 50 ? 6 : 4 } }
struct SouWester: Cap { func badge() -> String { "" } }
struct PeakedCap: Cap { func badge() -> String { "anchor" } }

final class DeckOutfitter: Outfitter {
    func jacket(size: Int) -> Jacket { OilskinJacket(size: size) }
    func cap() -> Cap { SouWester() }
}

final class ParadeOutfitter: Outfitter {
    func jacket(size: Int) -> Jacket { return DressJacket(size: size) }
    func cap() -> Cap { return PeakedCap() }
}

final class StormOutfitter: Outfitter {
    func jacket(size: Int) -> Jacket { OilskinJacket(size: size + 2) }
    func cap() -> Cap { fatalError("nobody wears a cap in a storm") }
}
