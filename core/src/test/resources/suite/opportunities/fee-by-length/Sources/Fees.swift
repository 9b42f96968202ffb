protocol Fee {
    func amount(for hours: Int) -> Int
}

struct DayFee: Fee {
    func amount(for hours: Int) -> Int { 40 + hours }
}

struct NightFee: Fee {
    func amount(for hours: Int) -> Int { 25 }
}

struct SeasonFee: Fee {
    func amount(for hours: Int) -> Int { 2 * hours / 3 }
}
