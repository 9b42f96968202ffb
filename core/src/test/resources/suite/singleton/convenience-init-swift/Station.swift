struct Station {
    func report(delay: Int) {
        Telegraph.main.send("late by \(delay)")
    }
}
