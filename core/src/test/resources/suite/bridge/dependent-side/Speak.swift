protocol Voice { func say(_ text: String) -> String }
final class Loud: Voice { func say(_ text: String) -> String { text.uppercased() } }
final class Calm: Voice {
    private var last: Announcement?
    func say(_ text: String) -> String { last = nil; return text.lowercased() }
}
class Announcement {
    let voice: Voice
    init(voice: Voice) { self.voice = voice }
    func announce() -> String { voice.say("attention") }
}
final class Departure: Announcement { override func announce() -> String { voice.say("departing") } }
final class Arrival: Announcement { override func announce() -> String { super.announce() + voice.say("arriving") } }
func day() -> [String] { [Departure(voice: Loud()), Arrival(voice: Calm())].map { $0.announce() } }
