import SwiftUI

struct RecipesView: View {
    @StateObject private var model: RecipesModel

    init(store: RecipeStore) { _model = StateObject(wrappedValue: RecipesModel(store: store)) }

    var body: some View {
        NavigationStack {
            List(model.shown) { recipe in
                NavigationLink(recipe.title) { RecipeView(recipe: recipe, rename: { title in Task { await model.rename(recipe.id, to: title) } }) }
            }
            .searchable(text: $model.query)
            .task { await model.load() }
        }
    }
}

struct RecipeView: View {
    let recipe: Recipe
    let rename: (String) -> Void
    @State private var title = ""

    var body: some View {
        Form {
            TextField("Title", text: $title).onSubmit { rename(title) }
            ForEach(recipe.ingredients, id: \.name) { Text("\($0.name) \($0.grams)") }
        }
        .onAppear { title = recipe.title }
    }
}

#Preview { RecipesView(store: SampleRecipeStore()) }
