protocol Moorable { func moor() }
class Craft {
    let pilot: Pilot
    weak var harbour: Harbour?
    init(pilot: Pilot) { self.pilot = pilot }
}
final class Pilot {}
final class Harbour { var crafts: [Craft] = [] }
final class Barge: Craft {
    private var crates: [Crate] = []
    func load() { crates.append(Crate(kilos: 3)) }
}
struct Crate { let kilos: Double }
extension Barge: Moorable { func moor() { Line().tie() } }
struct Line { func tie() {} }
enum Signal { case flag(Flag), horn }
struct Flag {}
