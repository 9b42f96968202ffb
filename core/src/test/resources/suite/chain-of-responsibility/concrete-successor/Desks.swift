protocol Desk: AnyObject {
    func answer(_ question: String) -> String?
}

final class FrontDesk: Desk {
    var behind: PilotDesk?

    func answer(_ question: String) -> String? {
        if question.hasPrefix("where") {
            return "berth four"
        }
        return behind?.answer(question)
    }
}

final class PilotDesk: Desk {
    var behind: MasterDesk?

    func answer(_ question: String) -> String? {
        if question.hasPrefix("when") {
            return "with the tide"
        }
        return behind?.answer(question)
    }
}

final class MasterDesk: Desk {
    func answer(_ question: String) -> String? {
        question.isEmpty ? nil : "ask again tomorrow"
    }
}

let front = FrontDesk()
front.behind = PilotDesk()
front.behind?.behind = MasterDesk()
print(front.answer("when do we sail") ?? "no answer")
