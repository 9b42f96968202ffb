struct NorthDesk {
    func report() -> CargoReport {
        CargoReport(ship: "Alma", captain: "Ruiz", tons: 1200, harbour: "north", date: "today", insured: true)
    }
}

struct SouthDesk {
    func report(_ tons: Int) -> CargoReport {
        CargoReport(ship: "Berta", captain: "Sand", tons: tons, harbour: "south", date: "today", insured: false)
    }
}
