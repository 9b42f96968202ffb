import Foundation
struct Reading { let hour: Int; let knots: Double; let direction: Int }
protocol ReadingSource { func readings(for day: Int) async throws -> [Reading] }
struct FileSource: ReadingSource {
    let folder: URL
    func readings(for day: Int) async throws -> [Reading] {
        let text = try String(contentsOf: folder.appendingPathComponent("\(day).csv"))
        return text.split(separator: "\n").compactMap { line in
            let parts = line.split(separator: ",")
            guard parts.count == 3, let hour = Int(parts[0]), let knots = Double(parts[1]), let direction = Int(parts[2]) else { return nil }
            return Reading(hour: hour, knots: knots, direction: direction)
        }
    }
}
actor RememberedSource: ReadingSource {
    private let source: any ReadingSource
    private var known: [Int: [Reading]] = [:]
    init(_ source: any ReadingSource) { self.source = source }
    func readings(for day: Int) async throws -> [Reading] {
        if let there = known[day] { return there }
        let fresh = try await source.readings(for: day)
        known[day] = fresh
        return fresh
    }
}
enum Severity: Int, Comparable { case calm, breeze, gale; static func < (a: Severity, b: Severity) -> Bool { a.rawValue < b.rawValue } }
struct Classifier {
    var limits: (breeze: Double, gale: Double) = (11, 34)
    func severity(of reading: Reading) -> Severity { reading.knots >= limits.gale ? .gale : reading.knots >= limits.breeze ? .breeze : .calm }
}
@MainActor final class ForecastModel {
    private let source: any ReadingSource
    private let classifier: Classifier
    private(set) var worst: Severity = .calm { didSet { if worst != oldValue { observers.values.forEach { $0(worst) } } } }
    private var observers: [UUID: (Severity) -> Void] = [:]
    init(source: any ReadingSource, classifier: Classifier = Classifier()) { self.source = source; self.classifier = classifier }
    func load(day: Int) async { worst = (try? await source.readings(for: day))?.map(classifier.severity).max() ?? .calm }
    func observe(_ observer: @escaping (Severity) -> Void) -> UUID { let id = UUID(); observers[id] = observer; return id }
    func stop(_ id: UUID) { observers.removeValue(forKey: id) }
}
@MainActor func start() async {
    let model = ForecastModel(source: RememberedSource(FileSource(folder: URL(fileURLWithPath: "/var"))))
    _ = model.observe { print($0) }
    var red = false
    _ = model.observe { red = $0 == .gale }
    await model.load(day: 3)
    print(red)
}
