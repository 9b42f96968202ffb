final class Calendar2 { private var days: Set<Int> = []; func reserve(_ day: Int) -> Bool { days.insert(day).inserted } }
final class Till { private var cents = 0; func take(_ amount: Int) { cents += amount } }
struct Printer { func ticket(_ day: Int) -> String { "day \(day)" } }
