struct CranePlan {
    let crane: String
    let hours: Int
    let note: String?
}

final class CranePlanBuilder {
    var crane = ""
    var hours = 8
    var note: String?

    func build() -> CranePlan {
        CranePlan(crane: crane, hours: hours, note: note)
    }
}

func monday() -> CranePlan {
    let builder = CranePlanBuilder()
    builder.crane = "north"
    builder.hours = 6
    return builder.build()
}
