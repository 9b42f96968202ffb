import Foundation

public protocol Source {
    var title: String { get }
    func samples(from: Int, count: Int) async throws -> [Float]
}

public final class Player {
    public enum State: Equatable { case idle, playing(at: Int), failed(String) }

    public private(set) var state: State = .idle {
        didSet { observers.values.forEach { $0(oldValue, state) } }
    }

    private var observers: [UUID: (State, State) -> Void] = [:]
    private let source: Source
    private var effects: [Effect] = []

    public init(source: Source) { self.source = source }

    @discardableResult
    public func observe(_ body: @escaping (State, State) -> Void) -> UUID {
        let id = UUID()
        observers[id] = body
        return id
    }

    public func stopObserving(_ id: UUID) { observers[id] = nil }

    public func add(_ effect: Effect) { effects.append(effect) }

    public func play() async {
        state = .playing(at: 0)
        do {
            var samples = try await source.samples(from: 0, count: 1024)
            for effect in effects { samples = effect.apply(samples) }
            state = .playing(at: samples.count)
        } catch {
            state = .failed(error.localizedDescription)
        }
    }
}

public protocol Effect { func apply(_ samples: [Float]) -> [Float] }
public struct Gain: Effect { let factor: Float; public func apply(_ samples: [Float]) -> [Float] { samples.map { $0 * factor } } }
public struct Clip: Effect { public func apply(_ samples: [Float]) -> [Float] { samples.map { max(-1, min(1, $0)) } } }
