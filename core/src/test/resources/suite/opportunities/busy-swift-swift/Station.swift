import Foundation

final class Station {
    private var timer: Timer?
    private(set) var ticks = 0

    init(every seconds: Double) {
        timer = Timer.scheduledTimer(withTimeInterval: seconds, repeats: true) { [weak self] _ in
            self?.ticks += 1
        }
    }

    func stop() {
        timer?.invalidate()
    }
}
