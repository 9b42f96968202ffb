protocol Fare {
    func cents(for sailing: Sailing) -> Int
}

struct PassengerFare: Fare {
    let adult: Int
    let child: Int
    func cents(for sailing: Sailing) -> Int {
        sailing.passengers.reduce(0) { $0 + ($1.age < 12 ? child : adult) }
    }
}

struct VehicleFare: Fare {
    let perMetre: Int
    func cents(for sailing: Sailing) -> Int {
        Int(sailing.vehicles.map(\.metres).reduce(0, +)) * perMetre
    }
}

struct SumFare: Fare {
    let parts: [Fare]
    func cents(for sailing: Sailing) -> Int { parts.map { $0.cents(for: sailing) }.reduce(0, +) }
}

struct Discounted: Fare {
    let fare: Fare
    let percent: Int
    func cents(for sailing: Sailing) -> Int { fare.cents(for: sailing) * (100 - percent) / 100 }
}
