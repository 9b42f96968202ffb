struct Evening {
    let manager: StageManager

    func run() {
        manager.begin()
        manager.end()
    }
}
