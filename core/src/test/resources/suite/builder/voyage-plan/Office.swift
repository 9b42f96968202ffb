class PlanningOffice {
    private var maker: PlanMaker
    init(maker: PlanMaker) { self.maker = maker }
    func change(to maker: PlanMaker) { self.maker = maker }
    func draft() -> VoyagePlan {
        maker.addLegs()
        maker.addCrew()
        maker.addFuel()
        return maker.result()
    }
}

class Counter {
    func serve() -> [String] {
        let office = PlanningOffice(maker: CoastalPlanMaker())
        let first = office.draft().describe()
        office.change(to: OceanPlanMaker())
        return [first, office.draft().describe()]
    }
}
