import kotlinx.coroutines.*
interface Watcher { suspend fun level(cm: Int) }
class Tower : Watcher { override suspend fun level(cm: Int) = println(cm) }
class Lamp : Watcher { override suspend fun level(cm: Int) { println(cm > 9) } }
class Gauge {
    private val watchers = mutableListOf<Watcher>()
    private var last = 0
    fun join(watcher: Watcher) { watchers.add(watcher) }
    suspend fun measure(cm: Int) = coroutineScope {
        last = cm
        watchers.map { async { it.level(cm) } }.awaitAll()
    }
}
