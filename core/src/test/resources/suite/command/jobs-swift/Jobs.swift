protocol Job {
    func perform()
}

final class Bilge {
    private var litres = 100
    func pump(_ amount: Int) { litres -= amount }
}

struct PumpJob: Job {
    let bilge: Bilge
    let amount: Int
    func perform() { bilge.pump(amount) }
}

final class Hatch {
    var closed = false
    func close() { closed = true }
}

struct CloseJob: Job {
    private let hatch: Hatch
    init(_ hatch: Hatch) { self.hatch = hatch }
    func perform() { hatch.close() }
}

final class Watch {
    private var jobs: [Job] = []
    func plan(_ job: Job) { jobs.append(job) }
    func begin() {
        for job in jobs { job.perform() }
        jobs.removeAll()
    }
}

let watch = Watch()
watch.plan(PumpJob(bilge: Bilge(), amount: 20))
watch.plan(CloseJob(Hatch()))
watch.begin()
