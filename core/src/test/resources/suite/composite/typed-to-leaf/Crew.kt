package aldera.crew
interface Worker { fun hours(): Int; fun send(where: String) }
class Hand(private val name: String) : Worker { private var at = ""; override fun hours() = 8; override fun send(where: String) { at = where } }
class Robot : Worker { var last = ""; override fun hours() = 24; override fun send(where: String) { last = where } }
class Gang : Worker {
    private val hands = mutableListOf<Hand>()
    fun hire(hand: Hand) { hands.add(hand) }
    override fun hours() = hands.sumOf { it.hours() }
    override fun send(where: String) { for (hand in hands) hand.send(where) }
}
class Office { fun plan(worker: Worker): Int { worker.send("quay"); return if (worker is Gang) worker.hours() / 2 else worker.hours() } }
fun main() { val gang = Gang(); gang.hire(Hand("Ana")); Office().plan(gang); Office().plan(Robot()) }
