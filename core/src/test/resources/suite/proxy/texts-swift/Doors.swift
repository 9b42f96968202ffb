protocol Door {
    func open() -> String
}

final class HeavyDoor: Door {
    func open() -> String { "creak" }
}

final class LateDoor: Door {
    private lazy var door = HeavyDoor()

    func open() -> String { door.open() }
}

let door: Door = LateDoor()
print(door.open())
let plain: Door = HeavyDoor()
print(plain.open())
