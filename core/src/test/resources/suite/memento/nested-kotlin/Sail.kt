class Sail {
    private var sheet = 0
    private var reefs = 0

    class Trim internal constructor(val sheet: Int, val reefs: Int)

    fun haul(by: Int) {
        sheet += by
    }

    fun reef() {
        reefs++
    }

    fun save(): Trim = Trim(sheet, reefs)

    fun restore(trim: Trim) {
        sheet = trim.sheet
        reefs = trim.reefs
    }
}

class Coach {
    private val trims = mutableListOf<Sail.Trim>()

    fun remember(sail: Sail) {
        trims.add(sail.save())
    }

    fun again(sail: Sail) {
        sail.restore(trims.last())
    }
}
