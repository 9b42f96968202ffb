enum Weather {
    case calm, windy, storm
}

final class Mooring {
    var weather: Weather = .calm
    private var lines = 2

    func lineCount() -> Int {
        switch weather {
        case .calm: return lines
        case .windy: return lines + 2
        case .storm: return lines * 3
        }
    }

    func watchHours() -> Int {
        switch weather {
        case .calm: return 0
        case .windy: return 4
        case .storm: return 24
        }
    }
}
