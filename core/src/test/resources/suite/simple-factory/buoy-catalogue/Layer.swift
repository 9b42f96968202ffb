final class BuoyLayer {
    private var laid: [Buoy] = []
    func lay(_ words: [String]) {
        for word in words {
            guard let kind = BuoyKind(rawValue: word) else { continue }
            laid.append(BuoyCatalogue.make(kind))
        }
    }
    func signals() -> [String] { laid.map { $0.signal() } }
}
