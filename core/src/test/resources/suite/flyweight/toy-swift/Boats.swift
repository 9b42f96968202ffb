class BoatKind {
    private let shared: [String]

    init(shared: [String]) {
        self.shared = shared
    }

    func operation(unique: [String]) {
        print("\(shared) \(unique)")
    }
}

class BoatKinds {
    private var kinds: [String: BoatKind]

    init(states: [[String]]) {
        var kinds = [String: BoatKind]()
        for state in states {
            kinds[state.key] = BoatKind(shared: state)
        }
        self.kinds = kinds
    }

    func kind(for state: [String]) -> BoatKind {
        let key = state.key
        guard let found = kinds[key] else {
            print("new kind")
            let kind = BoatKind(shared: state)
            kinds.updateValue(kind, forKey: key)
            return kind
        }
        print("known kind")
        return found
    }
}

extension Array where Element == String {
    var key: String { self.joined() }
}

let kinds = BoatKinds(states: [["Alm"], ["Sund"]])
let kind = kinds.kind(for: ["Marl"])
kind.operation(unique: ["Oria"])
