protocol Boat { func launch() -> Int }
struct Tug: Boat { func launch() -> Int { 1 } }
struct Ferry: Boat { func launch() -> Int { 2 } }
enum Yard {
    static func boat(for kind: String) -> Boat? {
        let makers: [String: () -> Boat] = ["tug": { Tug() }, "ferry": Ferry.init]
        return makers[e]?()
    }
}
