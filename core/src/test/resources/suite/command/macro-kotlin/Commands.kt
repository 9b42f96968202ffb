package aldera.lock

interface LockCommand {
    fun execute()
    fun undo()
}

class Sluice {
    private var open = false
    fun open() { open = true }
    fun close() { open = false }
}

class OpenSluice(private val sluice: Sluice) : LockCommand {
    override fun execute() = sluice.open()
    override fun undo() = sluice.close()
}

class Sequence(private val parts: List<LockCommand>) : LockCommand {
    override fun execute() = parts.forEach { it.execute() }
    override fun undo() = parts.asReversed().forEach { it.undo() }
}

class Panel {
    private val done = ArrayDeque<LockCommand>()

    fun press(command: LockCommand) {
        command.execute()
        done.addLast(command)
    }

    fun back() {
        done.removeLastOrNull()?.undo()
    }
}

fun main() {
    val panel = Panel()
    panel.press(Sequence(listOf(OpenSluice(Sluice()), OpenSluice(Sluice()))))
    panel.back()
}
