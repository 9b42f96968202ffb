typealias Log = (String) -> Void

func plainLog(_ line: String) {
    print(line)
}

func stamped(_ log: @escaping Log) -> Log {
    return { line in log("12:00 " + line) }
}

func counted(_ log: @escaping Log) -> Log {
    var count = 0
    return { line in
        count += 1
        log("\(count) " + line)
    }
}

final class Crane {
    private let log: Log
    init(log: @escaping Log) { self.log = log }
    func lift(_ tons: Int) { log("lift \(tons)") }
}

Crane(log: stamped(counted(plainLog))).lift(3)
