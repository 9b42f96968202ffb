enum HarbourAnswer {
    case lines([String])
    func text() -> String {
        switch self {
        case .lines(let all): return all.joined(separator: "\n")
        }
    }
}
struct Desk {
    func answer() -> String { return HarbourAnswer.lines(["open"]).text() }
}
