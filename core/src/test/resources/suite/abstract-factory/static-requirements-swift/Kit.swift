protocol Lamp { func shine() }
protocol Horn { func blow() }
final class HarbourLamp: Lamp { func shine() {} }
final class SeaLamp: Lamp { func shine() {} }
final class HarbourHorn: Horn { func blow() {} }
final class SeaHorn: Horn { func blow() {} }
protocol Kit {
    static func lamp() -> Lamp
    static func horn() -> Horn
}
enum Harbour: Kit {
    static func lamp() -> Lamp { HarbourLamp() }
    static func horn() -> Horn { HarbourHorn() }
}
enum Sea: Kit {
    static func lamp() -> Lamp { SeaLamp() }
    static func horn() -> Horn { SeaHorn() }
}
final class Buoy {
    private let lamp: Lamp
    private let horn: Horn
    init(kit: Kit.Type) { lamp = kit.lamp(); horn = kit.horn() }
    func signal() { lamp.shine(); horn.blow() }
}
let buoys = [Buoy(kit: Harbour.self), Buoy(kit: Sea.self)]
