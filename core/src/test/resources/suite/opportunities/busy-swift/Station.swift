import Foundation
final class Hub { static let shared = Hub()
    private var all: [Station] = []
    private init() {}
    func enter(_ s: Station) { all.append(s); s.ping() } }
final class Station {
    private let table: String
    private var pings = 0
    init(path: String) throws {
        table = try String(contentsOfFile: path)
        Hub.shared.enter(self)
    }
    func ping() { pings += 1 }
}
final class Lamp { 
    private let watts: Int
    private let name: String
    init(watts: Int) {
        self.watts = watts
        name = "lamp \(watts)"
    }
    func text() -> String { name }
}
