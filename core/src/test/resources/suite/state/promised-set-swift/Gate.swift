protocol Door: AnyObject { var position: Position { get set } }
protocol Position { func press(_ door: Door) }
struct Open: Position { func press(_ door: Door) { door.position = Closed() } }
struct Closed: Position { func press(_ door: Door) { door.position = Open() } }
final class LockGate: Door {
    var position: Position = Closed()
    func press() { position.press(self) }
}
