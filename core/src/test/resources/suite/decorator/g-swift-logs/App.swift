struct App {
    let log: Log
    func run() {
        log.write("started")
        log.flush()
    }
}

App(log: StampedLog(QuietLog(FileLog()))).run()
