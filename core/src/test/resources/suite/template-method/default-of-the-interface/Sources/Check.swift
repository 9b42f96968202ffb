protocol Check {
    func title() -> String
    func passes(_ length: Int) -> Bool
}

extension Check {
    func report(_ length: Int) -> String {
        title() + ": " + (passes(length) ? "yes" : "no")
    }
}

struct QuayCheck: Check {
    func title() -> String { "quay" }
    func passes(_ length: Int) -> Bool { length < 120 }
}

struct LockCheck: Check {
    func title() -> String { "lock" }
    func passes(_ length: Int) -> Bool { length < 60 }
}

print(QuayCheck().report(80), LockCheck().report(80))
