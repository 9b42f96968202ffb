protocol Door {
    func open()
    func close()
    func isOpen() -> Bool
}

final class ShedDoor: Door {
    private var state = false
    func open() { state = true }
    func close() { state = false }
    func isOpen() -> Bool { state }
}

final class Diary {
    private var lines: [String] = []
    func write(_ text: String) { lines.append(text) }
    func erase() { lines = [] }
    func count() -> Int { lines.count }
}

final class Warden {
    func check(_ door: Door) -> Bool {
        door.close()
        return door.isOpen()
    }
}

print(Warden().check(ShedDoor()))
let diary = Diary()
diary.write("all shut")
print(diary.count())
