package aldera.canal

class Lock(val name: String, val metres: Double)

class Canal(vararg locks: Lock) {
    private val locks = locks.toMutableList()

    fun add(lock: Lock) {
        locks += lock
    }

    operator fun iterator(): CanalWalk = CanalWalk(locks)

    fun upstream(): CanalWalk = CanalWalk(locks.reversed())
}

class CanalWalk(private val locks: List<Lock>) {
    private var at = 0

    operator fun hasNext(): Boolean = at < locks.size

    operator fun next(): Lock {
        if (!hasNext()) throw NoSuchElementException("end of the canal")
        return locks[at++]
    }
}

fun main() {
    val canal = Canal(Lock("Upper", 3.0), Lock("Lower", 2.5))
    for (lock in canal) println(lock.name)
    val up = canal.upstream()
    while (up.hasNext()) println(up.next().metres)
}
