protocol Cargo {
    var fee: Int { get }
}

struct Grain: Cargo {
    let fee = 3
}

struct Timber: Cargo {
    let length: Int
    var fee: Int { length * 2 }
}

final class Register {
    private var makers: [String: () -> Cargo] = [:]

    func enter(_ kind: String, maker: @escaping () -> Cargo) {
        makers[kind] = maker
    }

    func make(_ kind: String) -> Cargo? {
        makers[kind]?()
    }
}

let register = Register()
register.enter("grain") { Grain() }
register.enter("timber") { Timber(length: 4) }
print(register.make("grain")?.fee ?? 0)
