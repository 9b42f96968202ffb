final class Ramp { private var down = true; func raise() { down = false } }
final class Doors { private(set) var open = true; func close() { open = false } }
final class Horn { private var blasts = 0; func sound(times: Int) { blasts += times } }

final class Captain {
    private let ramp: Ramp
    private let doors: Doors
    private let horn: Horn
    init(ramp: Ramp, doors: Doors, horn: Horn) { self.ramp = ramp; self.doors = doors; self.horn = horn }
    func leave() {
        ramp.raise()
        doors.close()
        horn.sound(times: 1)
    }
}

final class NightWatch {
    let ramp: Ramp, doors: Doors, horn: Horn
    init(_ ramp: Ramp, _ doors: Doors, _ horn: Horn) { self.ramp = ramp; self.doors = doors; self.horn = horn }
    func storm(warned: Bool) {
        if warned { print("storm") }
        ramp.raise()
        doors.close()
        horn.sound(times: 3)
    }
}
