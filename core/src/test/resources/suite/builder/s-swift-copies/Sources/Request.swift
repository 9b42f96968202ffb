import Foundation

struct Request {
    let url: String
    let method: String
    let headers: [String: String]
    let body: Data?
}

struct RequestBuilder {
    private let url: String
    private var method = "GET"
    private var headers: [String: String] = [:]
    private var body: Data?

    init(url: String) { self.url = url }

    func method(_ method: String) -> RequestBuilder {
        var copy = self
        copy.method = method
        return copy
    }

    func header(_ name: String, _ value: String) -> RequestBuilder {
        var copy = self
        copy.headers[name] = value
        return copy
    }

    func body(_ data: Data) -> RequestBuilder {
        var copy = self
        copy.body = data
        return copy
    }

    func build() throws -> Request {
        guard !url.isEmpty else { throw BuildError.noUrl }
        return Request(url: url, method: method, headers: headers, body: body)
    }
}

enum BuildError: Error { case noUrl }
