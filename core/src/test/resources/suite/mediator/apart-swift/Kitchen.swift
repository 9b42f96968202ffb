protocol Kitchen: AnyObject {
    func ready(_ station: Station)
    func short(_ station: Station)
}

class Station {
    unowned let kitchen: Kitchen
    private(set) var busy = false

    init(kitchen: Kitchen) { self.kitchen = kitchen }
    func start() { busy = true }
    func pause() { busy = false }
}

final class Grill: Station {
    func done() { kitchen.ready(self) }
}

final class Pantry: Station {
    private var stock = 10
    func take() {
        stock -= 1
        if stock == 0 { kitchen.short(self) }
    }
}

final class HeadChef: Kitchen {
    private var stations: [Station] = []

    func hire(_ station: Station) { stations.append(station) }

    func ready(_ station: Station) {
        station.pause()
        stations.first { !$0.busy && $0 !== station }?.start()
    }

    func short(_ station: Station) {
        for other in stations where other !== station {
            other.pause()
        }
    }
}
