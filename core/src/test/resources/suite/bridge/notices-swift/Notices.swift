protocol Channel {
    func post(_ text: String) -> Bool
}

final class BoardChannel: Channel {
    private(set) var lines: [String] = []
    func post(_ text: String) -> Bool {
        lines.append(text)
        return true
    }
}

struct MailChannel: Channel {
    let address: String
    func post(_ text: String) -> Bool { !address.isEmpty && !text.isEmpty }
}

class Notice {
    let channel: Channel
    init(channel: Channel) { self.channel = channel }
    func publish() -> Bool { channel.post(text) }
    var text: String { "" }
}

final class ClosureNotice: Notice {
    override var text: String { "The lock is closed" }
}

final class GaleNotice: Notice {
    private let force: Int
    init(force: Int, channel: Channel) {
        self.force = force
        super.init(channel: channel)
    }
    override func publish() -> Bool {
        channel.post("Gale \(force)") && super.publish()
    }
    override var text: String { "Stay in port" }
}

let sent = [ClosureNotice(channel: BoardChannel()), GaleNotice(force: 9, channel: MailChannel(address: "all@aldera"))]
    .map { $0.publish() }
