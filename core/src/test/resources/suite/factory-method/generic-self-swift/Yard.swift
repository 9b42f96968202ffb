protocol Boat {
    init(name: String)
    func launch() -> String
}

struct Tug: Boat {
    let name: String
    func launch() -> String { "tug \(name)" }
}

struct Ferry: Boat {
    let name: String
    func launch() -> String { "ferry \(name)" }
}

protocol Yard {
    associatedtype Built: Boat
    func build(_ name: String) -> Built
}

extension Yard {
    func deliver(_ name: String) -> String {
        build(name).launch()
    }
}

struct TugYard: Yard {
    func build(_ name: String) -> Tug { Tug(name: name) }
}

struct FerryYard: Yard {
    func build(_ name: String) -> Ferry { Ferry(name: name) }
}
