package railway

class Signalbox private constructor(private val levers: Int) {
    private val pulled = mutableSetOf<Int>()

    fun pull(lever: Int) {
        check(lever in 1..levers)
        pulled += lever
    }

    companion object {
        @Volatile
        private var instance: Signalbox? = null

        fun get(levers: Int = 24): Signalbox =
            instance ?: synchronized(this) {
                instance ?: Signalbox(levers).also { instance = it }
            }
    }
}
