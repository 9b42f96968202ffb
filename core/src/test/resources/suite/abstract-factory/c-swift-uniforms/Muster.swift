final class Muster {
    private let outfitter: Outfitter
    private var issued: [(Jacket, Cap)] = []
    init(outfitter: Outfitter) { self.outfitter = outfitter }
    func dress(sizes: [Int]) {
        for size in sizes { issued.append((outfitter.jacket(size: size), outfitter.cap())) }
    }
    var badges: [String] { issued.map { $0.1.badge() } }
}
