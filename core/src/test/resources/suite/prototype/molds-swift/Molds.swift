protocol Copying: AnyObject {
    func copy() -> Self
}

class Mold: Copying {
    var depth: Int
    var notches: [Notch]

    required init(depth: Int, notches: [Notch]) {
        self.depth = depth
        self.notches = notches
    }

    func copy() -> Self {
        Self(depth: depth, notches: notches.map { $0.copy() })
    }
}

final class Notch: Copying {
    var at: Int
    init(at: Int) { self.at = at }
    func copy() -> Notch { Notch(at: at) }
}

final class Foundry {
    private let model: Mold
    init(model: Mold) { self.model = model }

    func next(depth: Int) -> Mold {
        let mold = model.copy()
        mold.depth = depth
        return mold
    }
}
