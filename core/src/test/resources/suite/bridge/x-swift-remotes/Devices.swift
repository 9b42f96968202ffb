protocol Device: AnyObject {
    var isOn: Bool { get set }
    var volume: Int { get set }
    func tune(_ channel: Int)
}

class Television: Device {
    var isOn = false
    var volume = 30
    private var channel = 1

    func tune(_ channel: Int) {
        self.channel = channel
        print("TV \(channel)")
    }
}

class Radio: Device {
    var isOn = false
    var volume = 10

    func tune(_ channel: Int) {
        print("radio \(Double(channel) / 10) MHz")
    }
}
