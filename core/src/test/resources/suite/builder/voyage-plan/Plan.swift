class VoyagePlan {
    var legs: [String] = []
    var crew: Int = 0
    var fuel: Double = 0
    func describe() -> String { "\(legs.count) legs, \(crew) crew, \(fuel) t" }
}

protocol PlanMaker {
    func addLegs()
    func addCrew()
    func addFuel()
    func result() -> VoyagePlan
}

class CoastalPlanMaker: PlanMaker {
    private var plan = VoyagePlan()
    func addLegs() { plan.legs.append("Aldera - Punta Gris") }
    func addCrew() { plan.crew = 6 }
    func addFuel() { plan.fuel = 12.5 }
    func result() -> VoyagePlan { return plan }
}

class OceanPlanMaker: PlanMaker {
    private var plan = VoyagePlan()
    func addLegs() {
        plan.legs.append("Aldera - Azores")
        plan.legs.append("Azores - Bermuda")
    }
    func addCrew() { plan.crew = 22 }
    func addFuel() { }
    func result() -> VoyagePlan {
        let done = plan
        plan = VoyagePlan()
        return done
    }
}
