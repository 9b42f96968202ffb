protocol Alarm {
    func raise(_ why: String)
}

final class Siren: Alarm {
    func raise(_ why: String) { print("siren", why) }
}

final class Lantern: Alarm {
    func raise(_ why: String) { print("lantern", why) }
}

final class FogPost {
    private let siren: Siren

    init(siren: Siren) {
        self.siren = siren
    }

    func fog() {
        siren.raise("fog")
    }
}

final class HarbourMaster {
    private let alarm: Alarm

    init(alarm: Alarm) {
        self.alarm = alarm
    }

    func fire() {
        alarm.raise("fire")
    }
}

FogPost(siren: Siren()).fog()
HarbourMaster(alarm: Lantern()).fire()
