import kotlinx.coroutines.*
import kotlinx.coroutines.channels.*
interface Job2 { suspend fun run() }
class Crane {
    var n = 0
    fun lift() { n++ }
    fun rest() { n = 0 }
}
class Lift(private val c: Crane) : Job2 { override suspend fun run() { c.lift() } }
class Rest(private val c: Crane) : Job2 { override suspend fun run() { c.rest() } }
class Yard {
    private val jobs = Channel<Job2>(Channel.UNLIMITED)
    suspend fun post(j: Job2) { jobs.send(j) }
    suspend fun work() { for (j in jobs) j.run() }
}
fun main() = runBlocking { val y = Yard(); val c = Crane(); y.post(Lift(c)); y.post(Rest(c)); y.work() }
