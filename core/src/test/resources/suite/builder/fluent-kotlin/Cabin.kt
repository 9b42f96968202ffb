class Cabin(val beds: Int, val windows: Int)

class CabinBuilder {
    private var beds = 1
    private var windows = 0

    fun beds(n: Int) = apply { beds = n }

    fun windows(n: Int): CabinBuilder {
        windows = n
        return this
    }

    fun build(): Cabin = Cabin(beds, windows)
}

class Joiner {
    fun fit() = CabinBuilder().beds(2).windows(1).build()
}
