package letters

class LetterWriter(
    private val signed: Boolean,
    private val dated: Boolean,
    private val stamped: Boolean,
    private val copied: Boolean,
) {
    fun write(text: String): String {
        val lines = mutableListOf<String>()
        if (dated) lines += java.time.LocalDate.now().toString()
        lines += text
        if (signed) lines += "the harbour master"
        if (stamped) {
            lines += "[port of Aldera]"
        }
        val whole = lines.joinToString("\n")
        return if (copied) "$whole\n\n$whole" else whole
    }
}

fun main() {
    println(LetterWriter(true, false, true, false).write("Berth 4 is yours."))
}
