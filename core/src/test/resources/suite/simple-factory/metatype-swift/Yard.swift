final class Yard {
    private let roundhouse = Roundhouse()

    func shunt(_ name: String) -> Int { roundhouse.engine(named: name).power() }
}
