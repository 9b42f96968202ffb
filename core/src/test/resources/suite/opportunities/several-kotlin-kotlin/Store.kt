package aldera

import java.io.File

class TideFile(private val path: String) {
    private val lines = mutableListOf<String>()
    fun note(line: String) {
        lines += line
        File(path).appendText(line + "\n")
    }
}

class Pier {
    private val tides = TideFile("tides.txt")
    fun measure(metres: Double) = tides.note("pier $metres")
}

class Mole {
    private val tides = TideFile("tides.txt")
    fun report(text: String) { if (text.isNotBlank()) tides.note(text) }
}
