package pets

interface Pet {
    fun feed(grams: Int)
    fun walk(minutes: Int)
    fun cleanCage()
}

class Dog : Pet {
    private var happy = 0
    override fun feed(grams: Int) { happy += grams }
    override fun walk(minutes: Int) { happy += minutes }
    override fun cleanCage() = throw UnsupportedOperationException("dogs have no cage")
}

class Canary : Pet {
    private var songs = 0
    override fun feed(grams: Int) { songs += grams }
    override fun walk(minutes: Int) {}
    override fun cleanCage() { songs++ }
}
