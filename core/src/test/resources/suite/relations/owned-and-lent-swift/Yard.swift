protocol Afloat: AnyObject { var draught: Double { get } }
class Engine {}
class Turbo {}
class Craft: Afloat {
    let name: String
    private let engine = Engine()
    var turbo: Turbo?
    weak var crew: Crew?
    var draught: Double { 1 }
    init(name: String, turbo: Turbo? = nil) { self.name = name; self.turbo = turbo }
}
struct Oar { let length: Int; var maker: Maker? }
final class Maker { lazy var log = MakerLog() }
final class MakerLog {}
final class Skiff: Craft {
    enum Trim { case bow, stern; case heel(degrees: Double) }
    private var oars: [String: [Oar]] = [:]
    var trim: Trim = .bow
    override var draught: Double { 0.3 }
}
struct Trip { let craft: Craft }
final class Crew {
    private var boats: Set<ObjectIdentifier> = []
    private(set) var current: [Skiff] = []
    var done: ((Trip) -> Void)?
    func row(_ skiff: Skiff) throws -> Trip {
        guard skiff.draught < 1 else { throw CrewError.tooDeep(skiff) }
        return Trip(craft: skiff)
    }
}
enum CrewError: Error { case tooDeep(Skiff) }
extension Crew: CustomStringConvertible { var description: String { "crew" } }
actor Registry { private var all: [Craft] = []; func enter(_ craft: Craft) { all.append(craft) } }
