protocol Fare { func cents(_ stops: Int) -> Int }
struct DayFare: Fare { func cents(_ stops: Int) -> Int { 90 + stops * 30 } }
struct NightFare: Fare { func cents(_ stops: Int) -> Int { 200 } }

class Ferry {
    private var changes = 0
    var fare: Fare {
        didSet { changes += 1 }
    }

    init(fare: Fare) {
        self.fare = fare
    }

    required init?(coder: String) {
        fatalError("not kept in files")
    }

    func price(_ stops: Int) -> Int {
        fare.cents(stops)
    }
}

func sell(_ night: Bool) -> Int {
    let ferry = Ferry(fare: DayFare())
    if night { ferry.fare = NightFare() }
    return ferry.price(3)
}
