import Foundation

struct Ship: Codable, Identifiable, Hashable {
    let id: Int
    var name: String
    var tons: Double

    enum CodingKeys: String, CodingKey {
        case id, name, tons = "gross_tons"
    }
}

enum LoadError: Error, LocalizedError {
    case noData
    case badStatus(Int)

    var errorDescription: String? {
        switch self {
        case .noData: return "nothing came"
        case .badStatus(let code): return "status \(code)"
        }
    }
}

final class ShipService {
    private let session: URLSession
    init(session: URLSession = .shared) {
        self.session = session
    }

    func load(from url: URL) async throws -> [Ship] {
        let (data, response) = try await session.data(from: url)
        if let http = response as? HTTPURLResponse, http.statusCode != 200 {
            throw LoadError.badStatus(http.statusCode)
        }
        return try JSONDecoder().decode([Ship].self, from: data)
    }
}

@MainActor
final class ShipList {
    private(set) var ships: [Ship] = []
    private(set) var message: String?
    var filter = ""
    private let service: ShipService

    init(service: ShipService) {
        self.service = service
    }

    var shown: [Ship] {
        filter.isEmpty ? ships : ships.filter { $0.name.contains(filter) }
    }

    func refresh(_ url: URL) async {
        do {
            ships = try await service.load(from: url).sorted { $0.tons > $1.tons }
            message = nil
        } catch {
            message = error.localizedDescription
        }
    }
}
