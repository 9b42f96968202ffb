protocol Drink { func cents() -> Int; func name() -> String }
struct Tea: Drink { func cents() -> Int { 150 }; func name() -> String { "tea" }; func sweet() -> Drink { Sugared(drink: self) } }
struct Cocoa: Drink { func cents() -> Int { 250 }; func name() -> String { "cocoa" } }
struct Sugared: Drink { let drink: Drink; func cents() -> Int { drink.cents() + 10 }; func name() -> String { "sweet " + drink.name() } }
struct Iced: Drink { let drink: Drink; func cents() -> Int { drink.cents() + 30 }; func name() -> String { fatalError("unsupported") } }
func order() -> [Drink] { [Iced(drink: Sugared(drink: Cocoa())), Tea().sweet()] }
