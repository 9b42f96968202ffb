public protocol Copyable {
    func copy() -> Self
}

public class Rope: Copyable {
    public var metres: Double
    public let fibre: String

    public required init(metres: Double, fibre: String) {
        self.metres = metres
        self.fibre = fibre
    }

    public func copy() -> Self {
        Self(metres: metres, fibre: fibre)
    }
}

public final class SteelRope: Rope {
    public var tons = 4.0

    public override func copy() -> SteelRope {
        let other = SteelRope(metres: metres, fibre: fibre)
        other.tons = tons
        return other
    }
}

struct Mooring {
    let ropes: [Rope]
    let fenders: Int
    let note: String?
}

final class MooringPlan {
    private var ropes: [Rope] = []
    private var fenders = 0
    private var note: String?

    @discardableResult
    func rope(_ rope: Rope) -> MooringPlan {
        ropes.append(rope)
        return self
    }

    @discardableResult
    func fenders(_ count: Int) -> MooringPlan {
        fenders = count
        return self
    }

    @discardableResult
    func note(_ text: String) -> MooringPlan {
        note = text
        return self
    }

    func finished() throws -> Mooring {
        guard !ropes.isEmpty else { throw PlanError.noRopes }
        return Mooring(ropes: ropes, fenders: fenders, note: note)
    }
}

enum PlanError: Error {
    case noRopes
}
