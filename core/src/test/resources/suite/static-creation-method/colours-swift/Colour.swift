struct Colour {
    let red: Int
    let green: Int
    let blue: Int

    private init(red: Int, green: Int, blue: Int) {
        self.red = red
        self.green = green
        self.blue = blue
    }

    static func rgb(_ red: Int, _ green: Int, _ blue: Int) -> Colour {
        Colour(red: red, green: green, blue: blue)
    }

    static func grey(_ level: Int) -> Colour {
        Colour(red: level, green: level, blue: level)
    }

    func lighter() -> Colour {
        Colour(red: min(red + 20, 255), green: min(green + 20, 255), blue: min(blue + 20, 255))
    }
}

struct Palette {
    func shades() -> [Colour] {
        [Colour.grey(40), Colour.grey(120), Colour.rgb(200, 30, 30).lighter()]
    }
}
