protocol Channel {
    func deliver(_ text: String, to address: String)
}

struct Mail: Channel { func deliver(_ text: String, to address: String) { print("mail", address, text) } }
struct Push: Channel { func deliver(_ text: String, to address: String) { print("push", address, text) } }

class Message {
    let channel: Channel
    init(channel: Channel) { self.channel = channel }
    func send(to address: String) { channel.deliver(text(), to: address) }
    func text() -> String { "" }
}

final class Reminder: Message {
    let day: String
    init(day: String, channel: Channel) { self.day = day; super.init(channel: channel) }
    override func text() -> String { "see you on \(day)" }
}

final class Alarm: Message {
    override func text() -> String { "help" }
    override func send(to address: String) { for _ in 0..<3 { super.send(to: address) } }
}
