enum Leg {
    case sea(miles: Int)
    case canal(locks: Int)
    case road(km: Int)
}

final class Trip {
    private var leg: Leg = .sea(miles: 3)

    func begin(_ leg: Leg) { self.leg = leg }

    func hours() -> Int {
        switch leg {
        case .sea(let miles): return miles / 8
        case .canal(let locks): return locks
        case .road(let km): return km / 60
        }
    }

    func cost() -> Int {
        switch leg {
        case .sea(let miles): return miles * 2
        case .canal(let locks): return locks * 30
        case .road(let km): return km
        }
    }
}

let trip = Trip()
trip.begin(.canal(locks: 2))
print(trip.hours(), trip.cost())
