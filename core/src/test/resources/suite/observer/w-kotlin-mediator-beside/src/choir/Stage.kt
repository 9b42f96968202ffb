package choir

abstract class Singer(protected val stage: StageObserver) {
    abstract fun hear(note: Int)
}

class StageObserver {
    private val altos = mutableListOf<Alto>()
    private var bass: Bass? = null

    fun add(alto: Alto) {
        altos.add(alto)
    }

    fun add(bass: Bass) {
        this.bass = bass
    }

    fun sung(by: Singer, note: Int) {
        if (by is Bass) {
            altos.forEach { it.hear(note) }
        } else {
            bass?.hear(note - 12)
        }
    }
}

class Alto(stage: StageObserver) : Singer(stage) {
    private var last = 0

    fun lead(note: Int) = stage.sung(this, note)

    override fun hear(note: Int) {
        last = note
    }
}

class Bass(stage: StageObserver) : Singer(stage) {
    fun drone(note: Int) {
        stage.sung(this, note)
    }

    override fun hear(note: Int) = println("hm $note")
}
