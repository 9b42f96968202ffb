protocol Plan: AnyObject {
    func copy() -> Plan
    var title: String { get set }
}

final class GardenPlan: Plan {
    var title: String
    private var beds: [String]
    private let owner: String

    init(title: String, beds: [String], owner: String) {
        self.title = title
        self.beds = beds
        self.owner = owner
    }

    func add(bed: String) {
        beds.append(bed)
    }

    func copy() -> Plan {
        return GardenPlan(title: title, beds: beds, owner: owner)
    }
}

final class RoofPlan: Plan {
    var title: String
    private var load: Double

    init(title: String, load: Double) {
        self.title = title
        self.load = load
    }

    func copy() -> Plan {
        let twin = RoofPlan(title: title, load: 0)
        twin.load = load
        return twin
    }
}

final class Drawer {
    private var kept: [String: Plan] = [:]

    func keep(_ plan: Plan, as key: String) {
        kept[key] = plan
    }

    func fresh(_ key: String) -> Plan? {
        return kept[key]?.copy()
    }
}
