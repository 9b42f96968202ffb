struct Request {
    let method: String
    let path: String
    let headers: [String: String]
    let body: String?
}

struct RequestBuilder {
    private var method = "GET"
    private var path = "/"
    private var headers: [String: String] = [:]
    private var body: String?

    func method(_ method: String) -> RequestBuilder {
        var copy = self
        copy.method = method
        return copy
    }

    func path(_ path: String) -> RequestBuilder {
        var copy = self
        copy.path = path
        return copy
    }

    func header(_ name: String, _ value: String) -> RequestBuilder {
        var copy = self
        copy.headers[name] = value
        return copy
    }

    func body(_ body: String) -> RequestBuilder {
        var copy = self
        copy.body = body
        return copy
    }

    func build() -> Request {
        Request(method: method, path: path, headers: headers, body: body)
    }
}
