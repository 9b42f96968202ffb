protocol Engine {
    init()
    func power() -> Int
}

struct Steam: Engine {
    func power() -> Int { 300 }
}

struct Diesel: Engine {
    func power() -> Int { 900 }
}

enum EngineKind: String {
    case steam, diesel

    var type: any Engine.Type {
        switch self {
        case .steam: return Steam.self
        case .diesel: return Diesel.self
        }
    }
}

struct Roundhouse {
    private static let kinds: [String: any Engine.Type] = ["steam": Steam.self, "diesel": Diesel.self]

    func engine(named name: String) -> Engine {
        guard let kind = Self.kinds[name] else { preconditionFailure("no engine \(name)") }
        return kind.init()
    }
}
