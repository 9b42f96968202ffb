actor DispatchDesk {
    static let shared = DispatchDesk()
    private var jobs: [String] = []
    private init() {}
    func add(_ job: String) { jobs.append(job) }
    func count() -> Int { jobs.count }
}
struct Skipper {
    func report() async -> Int {
        await DispatchDesk.shared.add("fuel")
        return await DispatchDesk.shared.count()
    }
}
