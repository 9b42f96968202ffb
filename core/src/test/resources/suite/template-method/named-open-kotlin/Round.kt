abstract class Round {
    fun walk() {
        open()
        try { check() } finally { close() }
    }
    protected abstract fun check()
    protected open fun open() {}
    protected open fun close() {}
}
class Night : Round() { override fun check() = println("dark") }
class Day : Round() {
    override fun check() = println("light")
    override fun open() = println("cap")
    override fun close() = println("done")
}
