class Depot private constructor() {
    private var crates = 0

    fun store() {
        crates++
    }

    companion object {
        val shared: Depot by lazy { Depot() }
    }
}

class Carter {
    fun unload() = Depot.shared.store()
}
