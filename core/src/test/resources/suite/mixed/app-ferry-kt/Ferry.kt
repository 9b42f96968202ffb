package ferry

data class Ferry(val id: Long, val name: String, val seats: Int)

sealed interface Screen {
    data object Loading : Screen
    data class Shown(val ferries: List<Ferry>) : Screen
    data class Failed(val why: String) : Screen
}

interface FerrySource {
    suspend fun ferries(): List<Ferry>
}

class RemoteSource(private val api: HarbourApi, private val mapper: FerryMapper) : FerrySource {
    override suspend fun ferries(): List<Ferry> = api.fetch("/ferries").map(mapper::toFerry)
}

class CachedSource(private val source: FerrySource) : FerrySource {
    private var cached: List<Ferry>? = null

    override suspend fun ferries(): List<Ferry> {
        cached?.let { return it }
        return source.ferries().also { cached = it }
    }
}

class HarbourApi(private val base: String) {
    suspend fun fetch(path: String): List<Map<String, String>> = emptyList()
}

class FerryMapper {
    fun toFerry(row: Map<String, String>) = Ferry(row.getValue("id").toLong(), row.getValue("name"), row.getValue("seats").toInt())
}

class FerryViewModel(private val source: FerrySource) {
    private var screen: Screen = Screen.Loading
    private val listeners = mutableListOf<(Screen) -> Unit>()

    fun observe(listener: (Screen) -> Unit): () -> Unit {
        listeners.add(listener)
        listener(screen)
        return { listeners.remove(listener) }
    }

    suspend fun load() {
        show(Screen.Loading)
        try {
            show(Screen.Shown(source.ferries()))
        } catch (e: IllegalStateException) {
            show(Screen.Failed(e.message ?: "unknown"))
        }
    }

    private fun show(next: Screen) {
        screen = next
        listeners.forEach { it(next) }
    }
}
