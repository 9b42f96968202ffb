package aldera.desk
abstract class Desk { lateinit var next: Desk; abstract fun answer(q: String): String }
class Tickets : Desk() { override fun answer(q: String) = if ("ticket" in q) "9 euro" else next.answer(q) }
class Lost : Desk() { override fun answer(q: String): String { if (q.startsWith("lost")) return "in the box"; return next.answer(q) } }
class Master : Desk() { override fun answer(q: String) = next.answer("please: $q") }
fun open(): Desk { val t = Tickets(); val l = Lost(); val m = Master(); t.next = l; l.next = m; return t }
fun ask() = open().answer("lost hat")
