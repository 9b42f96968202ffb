final class OldTideTable {
    func heightInFeet(hour: Int) -> Double { Double(hour) * 0.4 }
    func stationCode() -> String { "AL" }
}
