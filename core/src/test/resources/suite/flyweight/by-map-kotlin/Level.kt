package arcade

class Level {
    fun crowd() = (0 until 400).map { Actor(Sprites["ghost"], it * 9) }
}
