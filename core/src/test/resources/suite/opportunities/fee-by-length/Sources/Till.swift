final class Till {
    private(set) var taken = 0

    func charge(_ ticket: String, hours: Int) {
        let fee: Fee
        if ticket == "day" {
            fee = DayFee()
        } else if ticket == "night" {
            fee = NightFee()
        } else {
            fee = SeasonFee()
        }
        taken += fee.amount(for: hours)
    }

    func refund(_ ticket: String, hours: Int) {
        let back: Fee = ticket == "day" ? DayFee() : NightFee()
        taken -= back.amount(for: hours)
    }
}
