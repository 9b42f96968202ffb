package aldera

abstract class Survey {
    open fun run(ship: String): List<String> {
        val notes = mutableListOf<String>()
        notes += hull(ship)
        notes += papers(ship)
        return notes
    }

    protected abstract fun hull(ship: String): String
    abstract fun papers(ship: String): List<String>
}

class TankerSurvey : Survey() {
    override fun hull(ship: String) = "$ship: double hull"
    override fun papers(ship: String) = listOf("gas", "crew")
}

class QuickSurvey : Survey() {
    override fun run(ship: String): List<String> = listOf(hull(ship))
    override fun hull(ship: String) = "$ship: looked at from the quay"
    override fun papers(ship: String) = emptyList<String>()
}
