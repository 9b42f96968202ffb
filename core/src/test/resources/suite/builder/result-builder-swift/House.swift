enum House {
    static func tonight() -> Playbill {
        PlaybillBuilder()
            .pause(20)
            .act("The Ferry", minutes: 50)
            .act("The Return", minutes: 45)
            .build()
    }
}
