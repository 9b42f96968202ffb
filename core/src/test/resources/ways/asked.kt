interface Job
class Big : Job { fun run() {} ; val inner: Big? = null}
class Quay(private val one: Job) {
  private val jobs = mutableListOf<Job>()
  private var may: Job? = null
  fun a1(j: Job) { if (j is Big) j.run() }
  fun a2(j: Job) { when (j) { is Big -> j.run() } }
  fun a3() { if (one is Big) one.run() }
  fun a4() { when (one) { is Big -> one.run() } }
  fun a5() { val j = may; if (j is Big) { j.run() } }
  fun a6() { jobs.forEach { if (it is Big) it.run() } }
  fun a7() { for (j in jobs) when (j) { is Big -> j.run(); else -> {} } }
  fun a8(j: Job) { if (j !is Big) return; j.run() }
  fun a9(j: Any) { if (j is Big && j.inner != null) j.inner.run() }
  fun b1(j: Job) { when { j is Big -> j.run() } }
  fun b2() { jobs.filterIsInstance<Big>().forEach { it.run() } }
  fun b3() { (one as Big).run() }
  fun b4() { val b = one as? Big ?: return; b.run() }
  fun b5(j: Job) = when (j) { is Big -> j.run() else -> Unit }
  fun b6(j: Job) { val b = j as Big; j.run() }
}
