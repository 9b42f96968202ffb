package aldera.deck

interface DeckTask { fun perform() }

class Winch { var turns = 0; fun turn(n: Int) { turns += n } }
class Hatch { var open = false; fun toggle() { open = !open } }

class WinchTask(private val winch: Winch, private val n: Int) : DeckTask {
    override fun perform() { winch.turn(n) }
}

class HatchTask : DeckTask {
    var hatch: Hatch? = null
    override fun perform() { hatch!!.toggle() }
}

class Bosun {
    private val tasks = ArrayDeque<DeckTask>()
    private val hatches = mutableListOf<HatchTask>()
    fun plan(task: DeckTask) { tasks.addLast(task) }
    fun planHatch(task: HatchTask) { hatches.add(task) }
    fun turnTo() {
        while (tasks.isNotEmpty()) tasks.removeFirst().perform()
        hatches.forEach { it.perform() }
    }
}

fun watch(bosun: Bosun, winch: Winch) {
    bosun.plan(WinchTask(winch, 3))
    bosun.planHatch(HatchTask())
    bosun.turnTo()
}
