interface Job { fun run(); val weight: Int }
sealed class Slot { object Empty : Slot(); data class Filled(val job: Job) : Slot() }
data class Holder(val job: Job?, val list: List<Job>)
class Quay(private val one: Job?, private val holder: Holder, private val slot: Slot) {
  private val jobs = mutableListOf<Job>()
  private val byName: MutableMap<String, Job> = hashMapOf()
  private val lists = mutableMapOf<String, MutableList<Job>>()
  private val pairs = mutableListOf<Pair<String, Job>>()
  private val late: Job by lazy { make() }
  private lateinit var next: Job
  private val ref = java.util.concurrent.atomic.AtomicReference<Job>()
  private val queue = ArrayDeque<Job>()
  private fun make(): Job = jobs[0]
  fun a1() { one?.run() }
  fun a2() { one?.let { it.run() } }
  fun a3() { one?.let { job -> job.run() } }
  fun a4() { if (one != null) one.run() }
  fun a5() { val job = one ?: return; job.run() }
  fun a6() { one!!.run() }
  fun a9() { jobs.firstOrNull()?.run() }
  fun b1() { jobs.find { it.weight > 3 }?.run() }
  fun b2() { jobs.filter { it.weight > 3 }.forEach(Job::run) }
  fun b3() { jobs.forEachIndexed { i, job -> job.run() } }
  fun b4() { for ((i, job) in jobs.withIndex()) job.run() }
  fun b5() { byName["x"]?.run() }
  fun b6() { byName.values.forEach { it.run() } }
  fun b7() { for ((_, job) in byName) job.run() }
  fun b8() { byName.forEach { (_, job) -> job.run() } }
  fun b9() { lists["x"]?.forEach { it.run() } }
  fun c1() { lists["x"].orEmpty().forEach { it.run() } }
  fun c2() { lists.values.flatten().forEach { it.run() } }
  fun c3() { when (slot) { is Slot.Filled -> slot.job.run(); else -> {} } }
  fun c4() { (slot as? Slot.Filled)?.job?.run() }
  fun c5() { pairs.forEach { it.second.run() } }
  fun c6() { for ((_, job) in pairs) job.run() }
  fun c7() { pairs.forEach { (_, job) -> job.run() } }
  fun c8() { holder.job?.run() }
  fun c9() { val (job, list) = holder; job?.run() }
  fun d1() { late.run() }
  fun d2() { next.run() }
  fun d3() { ref.get().run() }
  fun d4() { while (queue.isNotEmpty()) queue.removeFirst().run() }
  fun d5() { while (true) { val job = queue.removeFirstOrNull() ?: break; job.run() } }
  fun d6() { generateSequence { queue.removeFirstOrNull() }.forEach { it.run() } }
  fun d7() { jobs.sortedBy { it.weight }.first().run() }
  fun d8() { jobs.maxByOrNull { it.weight }?.run() }
  fun d9() { (one ?: jobs[0]).run() }
  fun e1() { jobs.asSequence().filter { it.weight > 2 }.forEach { it.run() } }
  fun e2() { for (i in jobs.indices) jobs[i].run() }
  fun e3() { for (i in 0 until jobs.size) jobs[i].run() }
  fun e4() { jobs.toList().onEach { it.run() } }
  fun e5() { run { jobs.forEach { it.run() } } }
  fun e6() { jobs.groupBy { it.weight }.values.forEach { it.first().run() } }
  fun e7() { jobs.listIterator().let { while (it.hasNext()) it.next().run() } }
  fun e8() { when (val job = byName["a"]) { null -> {}; else -> job.run() } }
  fun e9() { try { one?.run() } finally { } }
  fun f3() { byName.getOrPut("x") { make() }.run() }
  fun f4() { byName.getValue("x").run() }
  fun f5() { jobs.last().also { it.run() } }
  fun f6() { listOfNotNull(one).forEach { it.run() } }
  fun f7() { requireNotNull(one).run() }
  fun f8() { checkNotNull(one) { "none" }.run() }
  private fun go(job: Job) { job.run() }
}
