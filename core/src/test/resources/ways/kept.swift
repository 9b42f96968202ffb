protocol Job { func run(); var weight: Int { get } }
enum Slot { case empty, filled(Job) }
struct Holder { var job: Job?; var list: [Job] }
class Quay {
  private var jobs: [Job] = []
  private var one: Job?
  private var byName: [String: Job] = [:]
  private var lists: [String: [Job]] = [:]
  private var slot: Slot = .empty
  private var pairs: [(name: String, job: Job)] = []
  private var holder = Holder(job: nil, list: [])
  private lazy var late: Job = make()
  private weak var soft: Job?
  private let fn: (Int) -> Job = { _ in fatalError() }
  func make() -> Job { jobs[0] }
  func a1() { if let one { one.run() } }
  func a2() { guard let job = one else { return }; job.run() }
  func a3() { one!.run() }
  func a4() { one.map { $0.run() } }
  func a5() { jobs.first?.run() }
  func a6() { jobs.first { $0.weight > 3 }?.run() }
  func a7() { jobs.filter { $0.weight > 3 }.forEach { $0.run() } }
  func a8() { for (i, job) in jobs.enumerated() where i > 0 { job.run() } }
  func a9() { for case let job? in [one] { job.run() } }
  func b1() { byName["x"]?.run() }
  func b2() { byName.values.forEach { $0.run() } }
  func b3() { for (_, job) in byName { job.run() } }
  func b4() { byName.forEach { _, job in job.run() } }
  func b5() { lists["x"]?.forEach { $0.run() } }
  func b6() { lists["x", default: []].forEach { $0.run() } }
  func b7() { for job in lists["x"] ?? [] { job.run() } }
  func b8() { if case .filled(let job) = slot { job.run() } }
  func b9() { switch slot { case .empty: break; case .filled(let job): job.run() } }
  func c1() { pairs.forEach { $0.job.run() } }
  func c2() { for (_, job) in pairs { job.run() } }
  func c3() { for pair in pairs { pair.1.run() } }
  func c4() { holder.job?.run() }
  func c5() { holder.list.forEach { $0.run() } }
  func c6() { late.run() }
  func c7() { soft?.run() }
  func c8() { jobs.reversed().first?.run() }
  func c9() { jobs.sorted { $0.weight < $1.weight }.first?.run() }
  func d1() { jobs.max(by: { $0.weight < $1.weight })?.run() }
  func d2() { let job = jobs.removeFirst(); job.run() }
  func d3() { jobs.compactMap { $0 as? Job }.forEach { $0.run() } }
  func d4() { for i in jobs.indices { jobs[i].run() } }
  func d5() { (one ?? jobs[0]).run() }
  func d6() { let job = one ?? jobs.last; job?.run() }
  func d7() { DispatchQueue.main.async { [weak self] in self?.jobs.forEach { $0.run() } } }
  func d8() { DispatchQueue.main.async { [weak self] in guard let self else { return }; self.one?.run() } }
  func d9() { jobs.prefix(3).forEach { job in job.run() } }
  func e1() { zip(jobs, jobs.dropFirst()).forEach { a, b in a.run() } }
  func e2() { var i = 0; repeat { jobs[i].run(); i += 1 } while i < jobs.count }
  func e3() { if let job = byName["a"], job.weight > 2 { job.run() } }
  func e4() { guard let i = jobs.firstIndex(where: { $0.weight > 1 }) else { return }; jobs[i].run() }
  func e5() { let list = jobs; list.forEach { $0.run() } }
  func e6() { defer { one?.run() } }
  func e7() { do { try jobs.forEach { $0.run() } } catch { } }
  func e8() { fn(3).run() }
  func e9() { jobs.lazy.filter { $0.weight > 1 }.forEach { $0.run() } }
  func go(_ job: Job) { job.run() }
}
