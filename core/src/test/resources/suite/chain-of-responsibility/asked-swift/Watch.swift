protocol Watch: AnyObject {
    var next: Watch? { get }
    func attempt(_ fault: Int) -> String?
}
extension Watch {
    func handle(_ fault: Int) -> String? { attempt(fault) ?? next?.handle(fault) }
}
final class Sluice: Watch {
    let next: Watch?
    init(next: Watch?) { self.next = next }
    func attempt(_ fault: Int) -> String? { fault < 3 ? "sluice" : nil }
}
final class Gatehouse: Watch {
    let next: Watch?
    init(next: Watch?) { self.next = next }
    func attempt(_ fault: Int) -> String? { fault < 7 ? "gatehouse" : nil }
}
func report(_ fault: Int) -> String? { Sluice(next: Gatehouse(next: nil)).handle(fault) }
