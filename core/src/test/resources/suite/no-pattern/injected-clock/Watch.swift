import Foundation
protocol TimeSource { func now() -> Date }
struct SystemTime: TimeSource { func now() -> Date { Date() } }
final class WatchBill {
    private let time: TimeSource
    private var entries: [String] = []
    init(time: TimeSource = SystemTime()) { self.time = time }
    func enter(_ text: String) { entries.append("\(time.now()) \(text)") }
    var count: Int { entries.count }
}
func night() -> Int { let bill = WatchBill(); bill.enter("all well"); return bill.count }
