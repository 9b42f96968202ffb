protocol FerryFollower: AnyObject {
    func ferryDidLeave(_ name: String)
}

final class Ferry {
    private struct Weak { weak var follower: FerryFollower? }
    private var followers: [Weak] = []
    let name: String
    init(name: String) { self.name = name }

    func follow(_ follower: FerryFollower) { followers.append(Weak(follower: follower)) }
    func unfollow(_ follower: FerryFollower) { followers.removeAll { $0.follower === follower } }

    func leave() {
        followers.forEach { $0.follower?.ferryDidLeave(name) }
    }
}

final class Timetable: FerryFollower {
    private var left: Set<String> = []
    func ferryDidLeave(_ name: String) { left.insert(name) }
}

final class TicketOffice: FerryFollower {
    private var open = true
    func ferryDidLeave(_ name: String) { open = false }
}
