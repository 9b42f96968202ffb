protocol Boat {
    func launch(_ text: String) -> [String]
}

struct Tug: Boat {
    func launch(_ text: String) -> [String] { text.split(separator: ",").map(String.init) }
}

struct Ferry: Boat {
    func launch(_ text: String) -> [String] { text.split(separator: "\n").map(String.init) }
}

final class Yard {
    private let makers: [String: () -> Boat] = [
        "tug": { Tug() },
        "ferry": Ferry.init,
    ]

    func boat(for kind: String) throws -> Boat {
        guard let maker = makers[kind] else {
            throw NoSuchBoat.unknown(kind)
        }
        return maker()
    }
}

enum NoSuchBoat: Error {
    case unknown(String)
}
