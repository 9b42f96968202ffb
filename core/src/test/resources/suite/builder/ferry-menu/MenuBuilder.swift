final class MenuBuilder {
    private var title: String?
    private var dishes: [String] = []
    private var price = 0
    private var vegan = false

    @discardableResult
    func named(_ title: String) -> MenuBuilder {
        self.title = title
        return self
    }

    @discardableResult
    func with(dish: String) -> Self {
        dishes.append(dish)
        return self
    }

    @discardableResult
    func costing(_ cents: Int) -> MenuBuilder {
        price = cents
        return self
    }

    @discardableResult
    func withoutMeat() -> MenuBuilder {
        vegan = true
        return self
    }

    func finish() throws -> Menu {
        guard let title = title else { throw MenuError.noTitle }
        if dishes.isEmpty { throw MenuError.noDishes }
        return Menu(title: title, dishes: dishes, price: price, vegan: vegan)
    }
}
