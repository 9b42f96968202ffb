class Lamp {
  fun lit1() = 1
  fun lit2() = 2
  fun lit3() = 3
  fun lit4() = 4
  fun lit5() = 5
  fun lit6() = 6
  fun lit7() = 7
  fun lit8() = 8
  fun lit9() = 9
  fun lit11() = 11
  fun lit12() = 12
  fun lit13() = 13
  fun lit14() = 14
  fun lit15() = 15
  fun lit16() = 16
  fun lit18() = 18
  fun lit19() = 19
  fun lit20() = 20
  fun lit21() = 21
  fun lit22() = 22
  fun lit23() = 23
  fun lit24() = 24
  fun lit25() = 25
  fun lit26() = 26
  fun lit27() = 27
  fun lit28() = 28
  fun lit29() = 29
  fun lit30() = 30
  fun lit31() = 31
  fun lit32() = 32
  fun lit33() = 33
  fun lit34() = 34
  fun lit35() = 35
  fun lit36() = 36
  fun lit37() = 37
  fun lit38() = 38
  fun lit39() = 39
  fun lit40() = 40
}

val top = Lamp().also { it.lit1() }
val lazyTop by lazy { val v = Lamp(); v.lit2(); v }
fun f() { if (true) { val v = Lamp(); v.lit3() }; for (i in 0..3) { val v = Lamp(); v.lit4() }
  try { Lamp().lit5() } catch (e: Exception) { Lamp().lit6() } finally { Lamp().lit7() }
  when (val v = Lamp()) { else -> v.lit8() }
  do { val w = Lamp(); w.lit9() } while (true)
  fun inner() { val v = Lamp(); v.lit11() }
  inner()
  listOf(1).forEach { val v = Lamp(); v.lit12() }
  run { Lamp().lit13() }
  with(Lamp()) { lit14() }
  Lamp().apply { lit15() }
  Lamp().let { x -> x.lit16() }
  val (a, b) = Pair(Lamp(), Lamp())
  Lamp()?.lit18()
}
class Yard(val v: Lamp = Lamp(), w: Lamp) {
  init { w.lit19() }
  val computed: Int get() = v.lit20()
  var set: Int = 0
    set(value) { v.lit21(); field = value }
  lateinit var late: Lamp
  constructor(x: Lamp) : this(x, x) { x.lit22() }
  companion object { val shared = Lamp(); fun make() { shared.lit23() }
    init { shared.lit24() } }
  object Nested { fun go() { Lamp().lit25() } }
  inner class Inner { fun go() { v.lit26() } }
  fun expr() = v.lit27()
  fun anon() = object : Runnable { override fun run() { v.lit28() } }
  suspend fun s() { late.lit29() }
  fun lam(): () -> Int = { v.lit30() }
  fun str() = "${v.lit31()} text"
  fun nn(x: Lamp?) { x!!.lit32(); x ?: return; x.lit33() }
  fun gen() = sequence { yield(v.lit34()) }
  fun ret(): Int { return if (v.lit35() > 1) v.lit36() else v.lit37() }
  fun <T : Lamp> t(t: T) { t.lit38() }
}
fun Lamp.ext() { this.lit39() }
enum class E { ONE { override fun go() { Lamp().lit40() } }; abstract fun go() }
