class Gear { var weight: Int { 0 } }
class Anchor: Gear { let arms = 2; override var weight: Int { 80 } }
class Rope: Gear { var metres = 40; override var weight: Int { 12 } }
class Buoy: Gear { var lit = false; override var weight: Int { 5 } }
struct Inventory {
    func label(_ gear: Gear) -> String {
        if let anchor = gear as? Anchor { return "anchor \(anchor.arms)" }
        if let rope = gear as? Rope { return "rope \(rope.metres)" }
        return "other"
    }
    func needsLight(_ gear: Gear) -> Bool {
        switch gear {
        case let buoy as Buoy: return !buoy.lit
        case is Anchor: return false
        default: return false
        }
    }
}
