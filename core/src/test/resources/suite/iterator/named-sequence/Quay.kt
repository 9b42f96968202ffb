package harbour

class Quay {
    private val berths = mutableListOf<String>()

    fun add(name: String) {
        berths += name
    }

    fun backwards(): Sequence<String> = sequence {
        for (i in berths.indices.reversed()) {
            yield(berths[i])
        }
    }
}

fun main() {
    val quay = Quay()
    quay.add("west")
    for (name in quay.backwards()) {
        println(name)
    }
}
