struct Desk {
    let history = History()
    let page = Page()

    func greet() {
        history.perform(Insert(page: page, part: "hello"))
        history.perform(Shout(page: page))
        history.undo()
    }
}
