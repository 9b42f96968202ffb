import Foundation

struct Picture: Hashable {
    let name: String
    var width: Int
    var height: Int

    func scaled(by factor: Double) -> Picture {
        Picture(name: name, width: Int(Double(width) * factor), height: Int(Double(height) * factor))
    }
}

enum LoadError: Error {
    case missing(String)
    case tooLarge
}

actor PictureCache {
    private var pictures: [String: Picture] = [:]
    private let limit: Int

    init(limit: Int) {
        self.limit = limit
    }

    func picture(named name: String) -> Picture? {
        pictures[name]
    }

    func keep(_ picture: Picture) {
        if pictures.count >= limit {
            pictures.removeAll()
        }
        pictures[picture.name] = picture
    }
}

protocol PictureSource {
    func load(_ name: String) async throws -> Picture
}

struct DiskSource: PictureSource {
    let folder: URL

    func load(_ name: String) async throws -> Picture {
        let url = folder.appendingPathComponent(name)
        guard FileManager.default.fileExists(atPath: url.path) else {
            throw LoadError.missing(name)
        }
        return Picture(name: name, width: 800, height: 600)
    }
}

final class PictureLoader {
    private let cache: PictureCache
    private let source: PictureSource

    init(cache: PictureCache = PictureCache(limit: 20), source: PictureSource) {
        self.cache = cache
        self.source = source
    }

    func picture(_ name: String) async throws -> Picture {
        if let kept = await cache.picture(named: name) {
            return kept
        }
        let loaded = try await source.load(name)
        guard loaded.width < 4000 else { throw LoadError.tooLarge }
        await cache.keep(loaded)
        return loaded
    }
}
