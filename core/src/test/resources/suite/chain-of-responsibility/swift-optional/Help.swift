class Helper {
    private let next: Helper?

    init(next: Helper? = nil) {
        self.next = next
    }

    func help(with topic: String) -> String? {
        next?.help(with: topic)
    }
}

final class TideHelper: Helper {
    override func help(with topic: String) -> String? {
        topic == "tide" ? "see the table" : super.help(with: topic)
    }
}

final class DuesHelper: Helper {
    let rate: Int

    init(rate: Int, next: Helper? = nil) {
        self.rate = rate
        super.init(next: next)
    }

    override func help(with topic: String) -> String? {
        guard topic == "dues" else {
            return super.help(with: topic)
        }
        return "\(rate) a ton"
    }
}

let helper = TideHelper(next: DuesHelper(rate: 3))
print(helper.help(with: "dues") ?? "nobody knows")
