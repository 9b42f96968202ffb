import Foundation
final class Bell {
    private let lock = NSLock()
    private var handlers: [UUID: (String) -> Void] = [:]
    func onRing(_ handler: @escaping (String) -> Void) -> UUID { let id = UUID(); handlers[id] = handler; return id }
    func off(_ id: UUID) { handlers.removeValue(forKey: id) }
    func ring(_ why: String) {
        lock.lock()
        let copy: [(String) -> Void] = Array(handlers.values)
        lock.unlock()
        for handler: (String) -> Void in copy { handler(why) }
    }
}
