import Foundation

final class Bell {
    typealias Ringer = (Int) -> Void
    private var ringers: [UUID: Ringer] = [:]
    private(set) var rung = 0 {
        didSet { ringers.values.forEach { $0(rung) } }
    }

    @discardableResult
    func add(_ ringer: @escaping Ringer) -> UUID {
        let id = UUID()
        ringers[id] = ringer
        return id
    }

    func drop(_ id: UUID) { ringers[id] = nil }

    func ring() { rung += 1 }
}

let bell = Bell()
let id = bell.add { print($0) }
bell.ring()
bell.drop(id)
