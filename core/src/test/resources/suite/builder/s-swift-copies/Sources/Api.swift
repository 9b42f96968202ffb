final class Api {
    func login(name: String) throws -> Request {
        try RequestBuilder(url: "https://api.example/login")
            .method("POST")
            .header("Accept", "text/plain")
            .body(name.data(using: .utf8)!)
            .build()
    }
}
