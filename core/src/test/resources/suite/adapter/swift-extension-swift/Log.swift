protocol Log {
    func write(_ line: String)
    var size: Int { get }
}

final class OldBook {
    private(set) var pages: [String] = []

    func append(page: String) {
        pages.append(page)
    }
}

extension OldBook: Log {
    func write(_ line: String) {
        append(page: line + "\n")
    }

    var size: Int { pages.count }
}

final class Screen: Log {
    private var lines = 0

    func write(_ line: String) {
        lines += 1
        print(line)
    }

    var size: Int { lines }
}

func admit(_ ship: String, log: Log) {
    log.write("\(ship) in")
}

admit("Rosa", log: OldBook())
admit("Marta", log: Screen())
