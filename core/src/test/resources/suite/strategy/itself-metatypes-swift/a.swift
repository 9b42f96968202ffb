struct Carpet {
    var wet = false
    var dust = true
}

protocol Way {
    static func clean(_ carpet: inout Carpet)
}

enum Steam: Way {
    static func clean(_ carpet: inout Carpet) { carpet.wet = true }
}

enum Powder: Way {
    static func clean(_ carpet: inout Carpet) { carpet.dust = false }
}

final class Cleaner {
    private let way: Way.Type

    init(way: Way.Type) {
        self.way = way
    }

    func run(_ carpets: inout [Carpet]) {
        for at in carpets.indices {
            way.clean(&carpets[at])
        }
    }
}

var all = [Carpet()]
Cleaner(way: Steam.self).run(&all)
Cleaner(way: Powder.self).run(&all)
