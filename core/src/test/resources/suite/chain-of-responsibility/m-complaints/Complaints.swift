struct Complaint {
    let text: String
    let severity: Int
}

protocol Handler: AnyObject {
    var next: Handler? { get set }
    func handle(_ complaint: Complaint) -> String?
}

class Desk: Handler {
    var next: Handler?

    @discardableResult
    func then(_ handler: Handler) -> Handler {
        next = handler
        return handler
    }

    func handle(_ complaint: Complaint) -> String? {
        next?.handle(complaint)
    }
}

final class FrontDesk: Desk {
    override func handle(_ complaint: Complaint) -> String? {
        if complaint.severity < 2 { return "sorry" }
        return super.handle(complaint)
    }
}

final class Manager: Desk {
    override func handle(_ complaint: Complaint) -> String? {
        guard complaint.severity < 5 else { return super.handle(complaint) }
        return "voucher"
    }
}

final class Owner: Desk {
    override func handle(_ complaint: Complaint) -> String? {
        complaint.severity < 9 ? "refund" : super.handle(complaint)
    }
}
