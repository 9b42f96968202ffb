protocol Vessel { init(); func draught() -> Int }
struct Tug: Vessel { func draught() -> Int { 3 } }
struct Ferry: Vessel { func draught() -> Int { 5 } }
final class Yard {
    private let plans: [String: Vessel.Type] = ["tug": Tug.self, "ferry": Ferry.self]
    func build(_ kind: String) -> Vessel? { plans[kind]?.init() }
}
final class Office {
    private let yard = Yard()
    func order(_ kind: String) -> Int { yard.build(kind)?.draught() ?? 0 }
}
