struct Options {
    var verbose = false
    var limit: Int? = nil
    static let standard = Options()
}

final class Runner {
    private let options: Options
    private var log: [String] = []
    init(options: Options = .standard) { self.options = options }

    func run(_ jobs: [String]) -> Int {
        let count = min(jobs.count, options.limit ?? jobs.count)
        for job in jobs.prefix(count) {
            if options.verbose { log.append(job) }
        }
        return count
    }
}

print(Runner().run(["a", "b"]))
