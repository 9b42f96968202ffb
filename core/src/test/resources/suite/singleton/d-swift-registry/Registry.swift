import Foundation

final class ShipRegistry {
    static var shared: ShipRegistry = ShipRegistry()
    private var flags: [String: String] = [:]

    init() {}

    func flag(of ship: String) -> String? { flags[ship] }
    func register(_ ship: String, flag: String) { flags[ship] = flag }
}
