protocol Speaker {
    func say(_ text: String)
    var volume: Int { get }
}

final class LoudSpeaker: Speaker {
    private(set) var volume = 5
    func say(_ text: String) { print(text, volume) }
    func louder() { volume += 1 }
}

struct Silence: Speaker {
    static let shared = Silence()
    var volume: Int { 0 }
    func say(_ text: String) {}
}

final class Guide {
    private let speaker: Speaker

    init(speaker: Speaker = Silence.shared) {
        self.speaker = speaker
    }

    func stop(at place: String) {
        speaker.say("This is " + place)
    }
}
