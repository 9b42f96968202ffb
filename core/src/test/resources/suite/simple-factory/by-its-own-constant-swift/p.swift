protocol Toll { func of(_ tons: Double) -> Double }
struct Fixed: Toll { let p: Double; func of(_ tons: Double) -> Double { p } }
struct PerTon: Toll { let p: Double; func of(_ tons: Double) -> Double { p * tons } }
enum Freight: String { case bulk, box
    func toll() -> Toll { switch self { case .bulk: return PerTon(p: 1.2); case .box: return Fixed(p: 4) } } }
print(Freight(rawValue: "bulk")?.toll().of(3) ?? 0)
