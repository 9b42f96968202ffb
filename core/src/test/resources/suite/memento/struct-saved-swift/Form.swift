final class Form {
    struct Saved {
        fileprivate let ship: String
        fileprivate let tons: Int
    }

    private(set) var ship = ""
    private(set) var tons = 0

    func fill(ship: String, tons: Int) {
        self.ship = ship
        self.tons = tons
    }

    func save() -> Saved {
        Saved(ship: ship, tons: tons)
    }

    func restore(_ saved: Saved) {
        (ship, tons) = (saved.ship, saved.tons)
    }
}

final class Clerk {
    private let form: Form
    private var kept: [Form.Saved] = []

    init(form: Form) {
        self.form = form
    }

    func write(ship: String, tons: Int) {
        kept.append(form.save())
        form.fill(ship: ship, tons: tons)
    }

    func back() {
        guard let last = kept.popLast() else { return }
        form.restore(last)
    }
}
