import kotlinx.coroutines.*
interface Slip { fun text(): String }
class BulkSlip : Slip { override fun text() = "bulk" }
class TankSlip : Slip { override fun text() = "tank" }
abstract class Desk {
    protected abstract fun open(): Deferred<Slip>
    suspend fun book() = open().await().text()
}
class BulkDesk : Desk() { override fun open() = CompletableDeferred(BulkSlip()) }
class TankDesk(private val scope: CoroutineScope) : Desk() { override fun open(): Deferred<Slip> = scope.async { TankSlip() } }
