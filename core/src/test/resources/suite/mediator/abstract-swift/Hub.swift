protocol Hub: AnyObject { func notify(_ part: Part, event: String) }
class Part {
    weak var hub: Hub?
    init(hub: Hub) { self.hub = hub }
}
final class Thermometer: Part { private(set) var degrees = 0; func reset() { degrees = 0 }; func measure(_ d: Int) { degrees = d; hub?.notify(self, event: "measured") } }
final class Fan: Part { private(set) var on = false; func start() { on = true; hub?.notify(self, event: "started") }; func stop() { on = false } }
final class Bell: Part { private var rung = 0; func ring() { rung += 1 }; func test() { hub?.notify(self, event: "tested") } }
final class EngineRoom: Hub {
    private var thermometer: Thermometer!
    private var fan: Fan!
    private var bell: Bell!
    init() { thermometer = Thermometer(hub: self); fan = Fan(hub: self); bell = Bell(hub: self) }
    func notify(_ part: Part, event: String) {
        if part === thermometer { if thermometer.degrees > 80 { fan.start(); bell.ring() } else { fan.stop() } }
        else if event == "started" { bell.ring(); thermometer.reset() }
    }
}
