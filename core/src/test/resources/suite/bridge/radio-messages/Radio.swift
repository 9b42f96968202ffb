protocol Transmitter {
    func key(_ text: String)
    var range: Int { get }
}

final class ShortWave: Transmitter {
    func key(_ text: String) { print("sw", text) }
    var range: Int { 4000 }
}

final class Satellite: Transmitter {
    private var credits = 10
    func key(_ text: String) {
        credits -= 1
        print("sat", text)
    }
    var range: Int { 20000 }
}

class Message {
    let transmitter: Transmitter
    init(over transmitter: Transmitter) { self.transmitter = transmitter }
    func send(_ text: String) { transmitter.key(text) }
}

final class Mayday: Message {
    override func send(_ text: String) {
        for _ in 1...3 { transmitter.key("MAYDAY") }
        transmitter.key(text)
    }
}

final class WeatherMessage: Message {
    private let station: String
    init(station: String, over transmitter: Transmitter) {
        self.station = station
        super.init(over: transmitter)
    }
    override func send(_ text: String) { super.send("\(station): \(text)") }
}
