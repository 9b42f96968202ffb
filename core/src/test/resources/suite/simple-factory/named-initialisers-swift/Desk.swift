protocol Slip { func text() -> String }
struct BulkSlip: Slip {
    let number: Int
    func text() -> String { "bulk \(number)" }
}
struct TankSlip: Slip {
    let number: Int
    func text() -> String { "tank \(number)" }
}
final class Desk {
    private var makers: [String: (Int) -> Slip] = ["bulk": { BulkSlip(number: $0) }, "tank": TankSlip.init(number:)]
    func open(_ kind: String, _ number: Int) -> Slip? { makers[kind]?(number) }
}
final class Office { func day(_ desk: Desk) -> String { desk.open("bulk", 3)?.text() ?? "" } }
