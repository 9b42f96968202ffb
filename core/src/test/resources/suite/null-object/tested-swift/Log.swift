protocol Journal { func enter(_ t: String); func count() -> Int }
final class PaperJournal: Journal { private var all: [String] = []; func enter(_ t: String) { all.append(t) }; func count() -> Int { all.count } }
final class NoJournal: Journal { private let reason: String; init(reason: String) { self.reason = reason }; func enter(_ t: String) { }; func count() -> Int { 0 } }
final class Watch {
    private let journal: Journal?
    init(journal: Journal? = NoJournal(reason: "training")) { self.journal = journal }
    func bell(_ n: Int) { if journal != nil { journal!.enter("\(n)") } }
    func total() -> Int { journal?.count() ?? 0 }
}
func day() -> Int { let a = Watch(journal: PaperJournal()); let b = Watch(); a.bell(2); b.bell(3); return a.total() + b.total() }
