abstract class Task(val name: String) {
    var due = 0L
    abstract fun runOnce(): Long
}
class TaskQueue {
    private val waiting = mutableListOf<Task>()
    fun schedule(task: Task, at: Long) { task.due = at; waiting.add(task) }
    fun runDue(now: Long) {
        while (waiting.isNotEmpty()) {
            val task = waiting.removeAt(0)
            val delay = task.runOnce()
            if (delay >= 0) schedule(task, now + delay)
        }
    }
}
class Beacon {
    private var lit = false
    fun toggle() { lit = !lit }
    fun douse() { lit = false }
}
class Lighthouse(private val queue: TaskQueue, private val beacon: Beacon) {
    fun evening() {
        queue.schedule(object : Task("blink") {
            override fun runOnce(): Long { beacon.toggle(); return 5 }
        }, 0)
        queue.schedule(object : Task("douse") {
            override fun runOnce(): Long { beacon.douse(); return -1 }
        }, 600)
    }
}
