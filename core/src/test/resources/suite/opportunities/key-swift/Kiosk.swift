protocol Snack { var cents: Int { get } }
struct Chips: Snack { let cents = 300 }
struct Ice: Snack { let cents = 250 }
struct Coffee: Snack { let cents = 180 }
enum Choice { case salty, cold, hot }
final class Kiosk {
    private var till = 0
    func sell(_ choice: Choice) {
        let snack: Snack
        switch choice {
        case .salty: snack = Chips()
        case .cold: snack = Ice()
        case .hot: snack = Coffee()
        }
        till += snack.cents
    }
}
