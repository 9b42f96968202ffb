struct Alarm { let deck: Int; let smoke: Double }

protocol Responder: AnyObject {
    var next: Responder? { get set }
    func respond(to alarm: Alarm) -> String?
}

extension Responder {
    func passOn(_ alarm: Alarm) -> String? {
        next?.respond(to: alarm)
    }
}

final class Sprinkler: Responder {
    var next: Responder?
    func respond(to alarm: Alarm) -> String? {
        guard alarm.smoke < 0.3 else { return next?.respond(to: alarm) }
        return "sprinkled"
    }
}

final class Crew: Responder {
    var next: Responder?
    func respond(to alarm: Alarm) -> String? {
        if alarm.deck < 3 { return "crew sent" }
        return next?.respond(to: alarm)
    }
}

let first = Sprinkler()
first.next = Crew()
print(first.respond(to: Alarm(deck: 2, smoke: 0.8)) ?? "fire brigade")
