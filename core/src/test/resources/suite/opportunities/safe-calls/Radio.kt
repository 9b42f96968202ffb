package harbour

class Radio(private val channel: Int) {
    fun say(text: String) = println("$channel: $text")
}

class Watch(private var radio: Radio?) {
    private var count = 0

    fun enters(ship: String) {
        count++
        radio?.say("$ship enters")
    }

    fun leaves(ship: String) {
        count--
        radio?.say("$ship leaves")
    }

    fun anchored(ship: String) {
        radio?.say("$ship at anchor")
    }

    fun closed() {
        radio = null
    }

    fun inside(): Int = count
}

fun main() {
    val watch = Watch(Radio(12))
    watch.enters("Aurora")
    watch.leaves("Aurora")
    println(watch.inside())
}
