protocol Fare {
    func callAsFunction(_ miles: Int) -> Int
}

struct FlatFare: Fare {
    let cents: Int
    func callAsFunction(_ miles: Int) -> Int { cents }
}

struct MileFare: Fare {
    func callAsFunction(_ miles: Int) -> Int { miles * 45 }
}

final class FerryDesk {
    private var fare: Fare

    init(fare: Fare) {
        self.fare = fare
    }

    func change(to fare: Fare) {
        self.fare = fare
    }

    func ticket(miles: Int) -> String {
        "\(fare(miles)) cents"
    }
}

let desk = FerryDesk(fare: FlatFare(cents: 400))
print(desk.ticket(miles: 12))
desk.change(to: MileFare())
print(desk.ticket(miles: 12))
