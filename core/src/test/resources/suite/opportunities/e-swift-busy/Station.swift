import Foundation

final class Bus {
    static let main = Bus()
    private var receivers: [AnyObject] = []
    private init() {}
    func add(_ receiver: AnyObject) { receivers.append(receiver) }
}

final class WeatherStation {
    private let file: URL
    private var timer: Timer?
    private var lines: [String] = []

    init(file: URL) {
        self.file = file
        lines = (try? String(contentsOf: file, encoding: .utf8).components(separatedBy: "\n")) ?? []
        Bus.main.add(self)
        timer = Timer.scheduledTimer(withTimeInterval: 60, repeats: true) { [weak self] _ in self?.tick() }
    }

    func tick() { lines.append("tick") }
}
