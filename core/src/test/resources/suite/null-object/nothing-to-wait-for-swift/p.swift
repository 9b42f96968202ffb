protocol Pump { func start() async throws; var level: Int { get }; func parts() -> [String]; func table() -> [String: Int]; func stop() }
final class RealPump: Pump { private var l = 0; func start() async throws { l += 1 }; var level: Int { l }; func parts() -> [String] { ["a"] }; func table() -> [String: Int] { ["a": l] }; func stop() { l = 0 } }
struct NoPump: Pump { func start() async throws {}; var level: Int { 0 }; func parts() -> [String] { [] }; func table() -> [String: Int] { [:] }; func stop() {} }
final class Dock { private let pump: Pump; init(pump: Pump? = nil) { self.pump = pump ?? NoPump() }; func go() async throws { try await pump.start() } }
Task { try await Dock(pump: RealPump()).go() }
