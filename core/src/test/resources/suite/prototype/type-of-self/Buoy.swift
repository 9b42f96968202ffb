import Foundation
class Buoy: NSObject, NSCopying {
    var colour = "red"
    required override init() { super.init() }
    func copy(with zone: NSZone? = nil) -> Any {
        let other = type(of: self).init()
        other.colour = colour
        return other
    }
}
final class Store {
    private let sample = Buoy()
    func make() -> Buoy { sample.copy() as! Buoy }
}
