protocol Cargo { var weight: Int { get } }
struct Crate: Cargo { let weight: Int }
protocol Bundle: Cargo { var parts: [Cargo] { get } }
extension Bundle { var weight: Int { parts.reduce(0) { $0 + $1.weight } } }
struct Pallet: Bundle { let parts: [Cargo] }
struct Container: Bundle { let parts: [Cargo] }
