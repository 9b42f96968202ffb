protocol Buoy { func again() -> Buoy }
class Spar: Buoy {
    let height: Int
    required init(height: Int) { self.height = height }
    func again() -> Buoy { type(of: self).init(height: height) }
}
final class Tall: Spar { }
func row(_ sample: Buoy) -> [Buoy] { [sample.again(), sample.again()] }
