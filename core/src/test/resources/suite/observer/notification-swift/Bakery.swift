import Foundation

extension Notification.Name {
    static let batchDone = Notification.Name("batchDone")
}

final class Oven {
    private var batches = 0

    func finishBatch() {
        batches += 1
        NotificationCenter.default.post(name: .batchDone, object: self)
    }
}

final class Counter {
    private var ready = 0

    init() {
        NotificationCenter.default.addObserver(self, selector: #selector(batchDone), name: .batchDone, object: nil)
    }

    @objc func batchDone(_ note: Notification) {
        ready += 12
    }

    deinit {
        NotificationCenter.default.removeObserver(self)
    }
}
