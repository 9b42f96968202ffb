import Foundation

protocol Fare {
    func price(for passengers: Int) -> Decimal
}

struct DayFare: Fare {
    func price(for passengers: Int) -> Decimal { Decimal(passengers) * 4 }
}

struct GroupFare: Fare {
    let least: Int
    func price(for passengers: Int) -> Decimal {
        passengers >= least ? Decimal(passengers) * 3 : Decimal(passengers) * 4
    }
}

final class Route {
    let name: String
    let miles: Double
    init(name: String, miles: Double) {
        self.name = name
        self.miles = miles
    }
    func minutes(at knots: Double) -> Double { miles / knots * 60 }
}

final class RouteTable {
    private var routes: [String: Route] = [:]

    func route(named name: String, miles: Double) -> Route {
        let key = "\(name)/\(miles)"
        if let known = routes[key] { return known }
        let made = Route(name: name, miles: miles)
        routes[key] = made
        return made
    }
}

final class TicketDesk {
    var fare: Fare
    private let table: RouteTable

    init(fare: Fare, table: RouteTable) {
        self.fare = fare
        self.table = table
    }

    func sell(_ passengers: Int, to name: String, miles: Double) -> String {
        let route = table.route(named: name, miles: miles)
        return "\(route.name) \(fare.price(for: passengers)) \(route.minutes(at: 12))"
    }
}

let desk = TicketDesk(fare: DayFare(), table: RouteTable())
print(desk.sell(2, to: "Punta", miles: 4))
desk.fare = GroupFare(least: 10)
print(desk.sell(12, to: "Punta", miles: 4))
