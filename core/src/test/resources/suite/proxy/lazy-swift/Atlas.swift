protocol Atlas {
    func page(_ n: Int) -> String
}

final class PaperAtlas: Atlas {
    private var pages = ["north", "south"]

    func page(_ n: Int) -> String {
        return pages[n]
    }
}

final class LateAtlas: Atlas {
    private lazy var atlas = PaperAtlas()

    func page(_ n: Int) -> String {
        return atlas.page(n)
    }
}

final class Captain {
    func look(_ atlas: Atlas) -> String {
        return atlas.page(0)
    }
}
