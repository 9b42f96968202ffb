protocol Fare {
    func cents() -> Int
}

struct Full: Fare {
    func cents() -> Int {
        return 900
    }
}

struct Discounted: Fare {
    let fare: Fare

    func cents() -> Int {
        return fare.cents() / 2
    }
}

struct Desk {
    func sell() -> Int {
        return Discounted(fare: Full()).cents()
    }
}
