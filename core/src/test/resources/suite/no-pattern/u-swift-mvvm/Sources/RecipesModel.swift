@MainActor
final class RecipesModel: ObservableObject {
    @Published private(set) var recipes: [Recipe] = []
    @Published var query = ""
    @Published private(set) var problem: String?

    private let store: RecipeStore
    private var undo: [[Recipe]] = []

    init(store: RecipeStore) { self.store = store }

    var shown: [Recipe] {
        query.isEmpty ? recipes : recipes.filter { $0.title.localizedCaseInsensitiveContains(query) }
    }

    func load() async {
        do { recipes = try await store.load() } catch { problem = error.localizedDescription }
    }

    func rename(_ id: Int, to title: String) async {
        guard let index = recipes.firstIndex(where: { $0.id == id }) else { return }
        undo.append(recipes)
        recipes[index].title = title
        try? await store.save(recipes)
    }

    func undoLast() {
        guard let before = undo.popLast() else { return }
        recipes = before
    }
}
