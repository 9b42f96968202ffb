protocol Forecast {
    func rain(on day: Int) -> Double
    func wind(on day: Int) -> Double
}

final class Station: Forecast {
    private let tables: [[Double]]
    init() {
        tables = (0..<7).map { day in [Double(day), Double(day) * 2] }
    }
    func rain(on day: Int) -> Double { tables[day][0] }
    func wind(on day: Int) -> Double { tables[day][1] }
}

final class CachedStation: Forecast {
    private let station: Station
    private var rains: [Int: Double] = [:]
    private var winds: [Int: Double] = [:]

    init(station: Station) { self.station = station }

    func rain(on day: Int) -> Double {
        if let known = rains[day] { return known }
        let value = station.rain(on: day)
        rains[day] = value
        return value
    }

    func wind(on day: Int) -> Double {
        if let known = winds[day] { return known }
        let value = station.wind(on: day)
        winds[day] = value
        return value
    }
}

struct Farmer {
    let forecast: Forecast
    func harvest(on day: Int) -> Bool { forecast.rain(on: day) < 1 && forecast.wind(on: day) < 9 }
}

let farmer = Farmer(forecast: CachedStation(station: Station()))
