package bakery

class Night {
    fun baguettes() = Trough(Proving.COLD)
    fun rolls() = Trough(Proving.WARM)
}
