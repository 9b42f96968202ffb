class Remote {
    fileprivate let device: Device

    init(_ device: Device) {
        self.device = device
    }

    func power() {
        device.isOn.toggle()
    }

    func louder() {
        device.volume = min(100, device.volume + 10)
    }

    func channel(_ number: Int) {
        device.tune(number)
    }
}

final class NightRemote: Remote {
    func mute() {
        device.volume = 0
    }

    override func louder() {
        if device.volume < 20 { super.louder() }
    }
}

final class FavouritesRemote: Remote {
    private var favourites: [Int] = []

    func remember(_ number: Int) {
        favourites.append(number)
    }

    func next() {
        guard let first = favourites.first else { return }
        favourites.append(favourites.removeFirst())
        channel(first)
    }
}
