package aldera
interface Sluice { fun open(); fun close(); val level: Int }
class MainSluice : Sluice { override var level = 0; override fun open() { level-- } override fun close() { level = 3 } }
class User(val roles: Set<String>)
class GuardedSluice(private val sluice: Sluice, private val user: User) : Sluice {
    override val level get() = sluice.level
    override fun open() { require("harbour-master" in user.roles) { "not you" }; sluice.open() }
    override fun close() { check(user.roles.isNotEmpty()); sluice.close() }
}
fun main() { val s: Sluice = GuardedSluice(MainSluice(), User(setOf("x"))); s.open() }
