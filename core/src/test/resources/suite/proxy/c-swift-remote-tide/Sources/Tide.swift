import Foundation

protocol TideTable {
    func high(on day: Date) -> Date
    func range(on day: Date) -> Double
}

struct PrintedTable: TideTable {
    let offset: TimeInterval
    func high(on day: Date) -> Date { day.addingTimeInterval(offset) }
    func range(on day: Date) -> Double { 3.2 }
}

final class CountedTable: TideTable {
    private let table: PrintedTable
    private(set) var asked = 0

    init() {
        table = PrintedTable(offset: 3600)
    }

    func high(on day: Date) -> Date {
        asked += 1
        return table.high(on: day)
    }

    func range(on day: Date) -> Double {
        return 0
    }
}

final class Lock {
    private let table: TideTable
    init(table: TideTable) { self.table = table }
    func opens(on day: Date) -> Date { table.high(on: day).addingTimeInterval(-1800) }
}
