protocol Lamp { func shine() -> String }
protocol Horn { func sound() -> String }

protocol SignalKit {
    func makeLamp() -> Lamp
    func makeHorn() -> Horn
}

struct OilLamp: Lamp { func shine() -> String { "dim" } }
struct BrassHorn: Horn { func sound() -> String { "toot" } }
struct LedLamp: Lamp { func shine() -> String { "bright" } }
struct ElectricHorn: Horn { func sound() -> String { "beep" } }

struct OldKit: SignalKit {
    func makeLamp() -> Lamp { OilLamp() }
    func makeHorn() -> Horn { BrassHorn() }
}

struct NewKit: SignalKit {
    func makeLamp() -> Lamp { LedLamp() }
    func makeHorn() -> Horn { ElectricHorn() }
}

final class Lighthouse {
    private let lamp: Lamp
    private let horn: Horn

    init(kit: SignalKit) {
        lamp = kit.makeLamp()
        horn = kit.makeHorn()
    }

    func warn() -> String { lamp.shine() + horn.sound() }
}

print(Lighthouse(kit: OldKit()).warn(), Lighthouse(kit: NewKit()).warn())
