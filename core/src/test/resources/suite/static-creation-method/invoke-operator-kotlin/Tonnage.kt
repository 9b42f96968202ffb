package ships

class Tonnage private constructor(val tonnes: Int) {
    companion object {
        operator fun invoke(tonnes: Int): Tonnage {
            require(tonnes > 0) { "a ship weighs something" }
            return Tonnage(tonnes)
        }

        fun ofPounds(pounds: Long): Tonnage = Tonnage((pounds / 2204).toInt())
    }
}

fun main() {
    println(Tonnage.ofPounds(90_000L).tonnes + Tonnage(12).tonnes)
}
