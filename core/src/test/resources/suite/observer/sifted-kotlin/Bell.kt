fun interface Ringer { fun rang(times: Int) }

class Bell {
    private var ringers: List<Ringer> = emptyList()
    private var rung = 0

    fun add(ringer: Ringer) { ringers = ringers + ringer }
    fun drop(ringer: Ringer) { ringers = ringers.filter { it !== ringer } }

    fun ring() {
        rung++
        ringers.forEach { it.rang(rung) }
    }
}

class Tower : Ringer {
    private var times = 0
    override fun rang(times: Int) { this.times = times }
}
