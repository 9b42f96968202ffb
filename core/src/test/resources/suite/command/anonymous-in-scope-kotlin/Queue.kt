package aldera.cranes

interface Task {
    fun run()
    fun undo()
}

class Crane {
    var height = 0
        private set

    fun lift(metres: Int) {
        height += metres
    }
}

class Queue {
    private val done = ArrayDeque<Task>()

    fun perform(task: Task) {
        task.run()
        done.addLast(task)
    }

    fun back() {
        done.removeLastOrNull()?.undo()
    }
}

fun day(crane: Crane): Queue = Queue().apply {
    perform(object : Task {
        override fun run() = crane.lift(4)
        override fun undo() = crane.lift(-4)
    })
    perform(object : Task {
        override fun run() = crane.lift(9)
        override fun undo() = crane.lift(-9)
    })
}
