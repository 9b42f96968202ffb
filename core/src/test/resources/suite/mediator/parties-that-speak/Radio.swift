protocol RadioRoom: AnyObject {
    func called(by party: Party, what: String) -> String
}

class Party {
    unowned let room: RadioRoom

    init(room: RadioRoom) {
        self.room = room
    }
}

final class TugBoat: Party {
    func ready() -> String { room.called(by: self, what: "ready") }
    func push() -> String { "tug: pushing" }
}

final class Freighter: Party {
    func moored() -> String { room.called(by: self, what: "moored") }
    func turn() -> String { "freighter: turning" }
}

final class PortRoom: RadioRoom {
    var tug: TugBoat?
    var freighter: Freighter?

    func called(by party: Party, what: String) -> String {
        if party === tug {
            return freighter?.turn() ?? ""
        }
        return tug?.push() ?? ""
    }
}

let room = PortRoom()
let tug = TugBoat(room: room)
let freighter = Freighter(room: room)
room.tug = tug
room.freighter = freighter
print(tug.ready(), freighter.moored())
