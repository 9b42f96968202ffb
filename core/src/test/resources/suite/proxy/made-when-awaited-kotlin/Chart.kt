import kotlinx.coroutines.*
interface Chart { suspend fun depth(at: String): Int }
class Store : Chart { override suspend fun depth(at: String) = at.length }
class Late(scope: CoroutineScope) : Chart {
    private val store = scope.async(start = CoroutineStart.LAZY) { Store() }
    override suspend fun depth(at: String) = store.await().depth(at)
}
