protocol Line {
    func strength() -> Int
}

protocol Block {
    func wheels() -> Int
}

struct Hemp: Line {
    func strength() -> Int {
        return 3
    }
}

struct Nylon: Line {
    func strength() -> Int {
        return 9
    }
}

struct WoodBlock: Block {
    func wheels() -> Int {
        return 1
    }
}

struct SteelBlock: Block {
    func wheels() -> Int {
        return 2
    }
}

protocol Chandlery {
    func line() -> Line
    func block() -> Block
}

struct OldChandlery: Chandlery {
    func line() -> Line {
        return Hemp()
    }

    func block() -> Block {
        return WoodBlock()
    }
}

struct NewChandlery: Chandlery {
    func line() -> Line {
        return Nylon()
    }

    func block() -> Block {
        return SteelBlock()
    }
}

final class Rigger {
    private let chandlery: Chandlery

    init(chandlery: Chandlery) {
        self.chandlery = chandlery
    }

    func rig() -> Int {
        return chandlery.line().strength() * chandlery.block().wheels()
    }
}
