class Chef {
    private let standard = Menu(title: "Sunday", courses: ["soup"])

    func easter() -> Menu {
        let menu = standard.copy() as! Menu
        menu.title = "Easter"
        menu.add("lamb")
        return menu
    }
}
