struct Recipe: Identifiable, Codable, Equatable {
    let id: Int
    var title: String
    var minutes: Int
    var ingredients: [Ingredient]
}

struct Ingredient: Codable, Equatable { var name: String; var grams: Double }

protocol RecipeStore {
    func load() async throws -> [Recipe]
    func save(_ recipes: [Recipe]) async throws
}

actor FileRecipeStore: RecipeStore {
    private let url: URL
    init(url: URL) { self.url = url }
    func load() async throws -> [Recipe] { try JSONDecoder().decode([Recipe].self, from: Data(contentsOf: url)) }
    func save(_ recipes: [Recipe]) async throws { try JSONEncoder().encode(recipes).write(to: url) }
}

struct SampleRecipeStore: RecipeStore {
    func load() async throws -> [Recipe] { [Recipe(id: 1, title: "Soup", minutes: 30, ingredients: [])] }
    func save(_ recipes: [Recipe]) async throws {}
}
