protocol WindSource {
    var knots: Double { get }
    func isGale() -> Bool
}

final class OldAnemometer {
    func metresPerSecond() -> Double { 12.5 }
}

extension OldAnemometer: WindSource {
    var knots: Double { metresPerSecond() * 1.944 }
    func isGale() -> Bool { metresPerSecond() > 17 }
}

struct Tower {
    let wind: WindSource
    func closed() -> Bool { wind.isGale() || wind.knots > 30 }
}

let tower = Tower(wind: OldAnemometer())
print(tower.closed())
