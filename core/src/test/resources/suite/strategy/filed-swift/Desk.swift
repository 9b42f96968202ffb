protocol Fee {
    var kind: String { get }
    func of(_ tons: Int) -> Int
}

struct TugFee: Fee {
    let kind = "tug"
    func of(_ tons: Int) -> Int { 80 }
}

struct FerryFee: Fee {
    let kind = "ferry"
    func of(_ tons: Int) -> Int { tons * 2 }
}

final class Desk {
    private let fees: [String: Fee]

    init(_ all: [Fee]) {
        fees = Dictionary(uniqueKeysWithValues: all.map { ($0.kind, $0) })
    }

    func bill(_ kind: String, tons: Int) -> Int? {
        fees[kind]?.of(tons)
    }
}
