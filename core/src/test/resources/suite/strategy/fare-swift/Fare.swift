protocol Fare {
    func cents(for miles: Int) -> Int
}

struct Adult: Fare {
    func cents(for miles: Int) -> Int {
        return miles * 30
    }
}

struct Child: Fare {
    func cents(for miles: Int) -> Int {
        return miles * 10
    }
}

final class Desk {
    private var fare: Fare

    init(fare: Fare) {
        self.fare = fare
    }

    func sell(miles: Int) -> Int {
        return fare.cents(for: miles)
    }
}

final class Hall {
    func open() -> Int {
        return Desk(fare: Adult()).sell(miles: 3) + Desk(fare: Child()).sell(miles: 3)
    }
}
