protocol TideSource {
    func metres(at hour: Int) -> Double
    var station: String { get }
}
extension OldTideTable: TideSource {
    func metres(at hour: Int) -> Double { heightInFeet(hour: hour) * 0.3048 }
    var station: String { stationCode() }
}
struct Pilot {
    let tides: TideSource
    func safe(at hour: Int) -> Bool { tides.metres(at: hour) > 3 }
}
let pilot = Pilot(tides: OldTideTable())
