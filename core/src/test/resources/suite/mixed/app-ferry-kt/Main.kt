package ferry

suspend fun main() {
    val model = FerryViewModel(CachedSource(RemoteSource(HarbourApi("https://aldera.example"), FerryMapper())))
    val stop = model.observe { screen ->
        when (screen) {
            is Screen.Loading -> println("...")
            is Screen.Shown -> println(screen.ferries.size)
            is Screen.Failed -> println(screen.why)
        }
    }
    model.load()
    stop()
}
