protocol Standing: AnyObject {
    func enter(_ permit: Permit) -> Bool
    func lapse(_ permit: Permit)
}

final class Permit {
    fileprivate var standing: Standing = Valid()

    func enter() -> Bool { standing.enter(self) }
    func lapse() { standing.lapse(self) }
}

final class Valid: Standing {
    func enter(_ permit: Permit) -> Bool { true }
    func lapse(_ permit: Permit) { permit.standing = Lapsed() }
}

final class Lapsed: Standing {
    func enter(_ permit: Permit) -> Bool { false }
    func lapse(_ permit: Permit) {}
}

final class Revoked: Standing {
    func enter(_ permit: Permit) -> Bool { false }
    func lapse(_ permit: Permit) { print("revoked already") }
}
