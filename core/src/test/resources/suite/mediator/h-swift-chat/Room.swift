protocol Room: AnyObject {
    func say(_ text: String, from: Member)
    func left(_ member: Member)
}

class Member {
    let name: String
    weak var room: Room?
    init(name: String) { self.name = name }
    func hear(_ text: String, from name: String) {}
    func say(_ text: String) { room?.say(text, from: self) }
}

final class Skipper: Member {
    private var heard: [String] = []
    override func hear(_ text: String, from name: String) { heard.append(text) }
    func sail() { room?.left(self) }
}

final class Harbourmaster: Member {
    private var log: [String: String] = [:]
    private var favourite: Skipper?
    override func hear(_ text: String, from name: String) { log[name] = text }
    func prefer(_ skipper: Skipper) { favourite = skipper }
}

final class RadioRoom: Room {
    private var members: [Member] = []
    func join(_ member: Member) {
        members.append(member)
        member.room = self
    }
    func say(_ text: String, from: Member) {
        for member in members where member !== from {
            member.hear(text, from: from.name)
        }
    }
    func left(_ member: Member) {
        members.removeAll { $0 === member }
    }
}
