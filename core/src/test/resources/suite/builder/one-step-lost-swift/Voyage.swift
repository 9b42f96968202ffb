struct Voyage {
    let from: String
    let to: String
    let stops: [String]
    let pilot: Bool
}

final class VoyagePlan {
    private var from = ""
    private var to = ""
    private var stops: [String] = []
    private var pilot = false

    func from(_ port: String) -> VoyagePlan { from = port; return self }
    func to(_ port: String) -> VoyagePlan { to = port; return self }
    func calling(at port: String) -> VoyagePlan { stops.append(port); return self }
    func withPilot() { pilot = true }

    func plan() -> Voyage {
        Voyage(from: from, to: to, stops: stops, pilot: pilot)
    }
}

func weekly() -> Voyage {
    let plan = VoyagePlan().from("Aldera").to("Corvo").calling(at: "Lume")
    plan.withPilot()
    return plan.plan()
}
