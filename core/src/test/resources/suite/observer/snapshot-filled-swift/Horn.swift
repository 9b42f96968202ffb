protocol Hearer: AnyObject { func blown(_ seconds: Int) }

final class Horn {
    private var hearers: [Hearer] = []
    private var blownFor = 0
    func add(_ hearer: Hearer) { hearers.append(hearer) }
    func leave(_ hearer: Hearer) { hearers.removeAll { $0 === hearer } }
    func blow(_ seconds: Int) {
        blownFor += seconds
        var now: [Hearer] = []
        now.append(contentsOf: hearers)
        for hearer in now { hearer.blown(blownFor) }
    }
}
