import kotlinx.coroutines.flow.*
interface Pump { suspend fun start(): Result<Int>; fun levels(): Flow<Int>; fun parts(): List<String>; fun lines(): Sequence<String>; fun stop() }
class RealPump : Pump { private var l = 0; override suspend fun start(): Result<Int> { l++; return Result.success(l) }
 override fun levels() = flow { emit(l) }
 override fun parts() = listOf("a")
 override fun lines() = sequenceOf("b")
 override fun stop() { l = 0 } }
object NoPump : Pump { override suspend fun start() = Result.success(0)
 override fun levels() = emptyFlow<Int>()
 override fun parts() = emptyList<String>()
 override fun lines() = emptySequence<String>()
 override fun stop() = Unit }
class Dock(private val pump: Pump = NoPump) { suspend fun go() = pump.start() }
suspend fun main() { Dock(RealPump()).go(); Dock().go() }
