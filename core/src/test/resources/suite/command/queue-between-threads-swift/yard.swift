protocol Job: Sendable { func run() async }
actor Crane { var n = 0; func lift() { n += 1 }; func rest() { n = 0 } }
struct Lift: Job { let c: Crane; func run() async { await c.lift() } }
struct Rest: Job { let c: Crane; func run() async { await c.rest() } }
final class Yard {
    private let jobs: AsyncStream<any Job>
    private let inlet: AsyncStream<any Job>.Continuation
    init() { (jobs, inlet) = AsyncStream.makeStream(of: (any Job).self) }
    func post(_ j: any Job) { inlet.yield(j) }
    func work() async { for await j in jobs { await j.run() } }
}
let y = Yard(), c = Crane()
y.post(Lift(c: c)); y.post(Rest(c: c))
await y.work()
