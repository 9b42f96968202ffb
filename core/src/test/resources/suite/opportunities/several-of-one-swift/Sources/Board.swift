final class TideTable {
    private var heights: [Int: Int] = [:]
    private let station: String

    init(station: String) { self.station = station }

    func set(_ hour: Int, _ height: Int) { heights[hour] = height }
    func height(_ hour: Int) -> Int { heights[hour] ?? 0 }
}

final class PilotBoard {
    private let table = TideTable(station: "Aldera")
    func observe(_ hour: Int, _ height: Int) { table.set(hour, height) }
}

final class FerryPlan {
    private let table = TideTable(station: "Aldera")
    func leaves(_ hour: Int) -> Bool { table.height(hour) > 200 }
}

let board = PilotBoard()
board.observe(3, 240)
print(FerryPlan().leaves(3))
