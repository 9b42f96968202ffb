package aldera.feed

import java.io.File
import kotlin.concurrent.thread

class TideFeed(path: String) {
    private val lines: List<String>
    private var current = 0

    init {
        lines = File(path).readLines()
        thread {
            while (true) {
                current = (current + 1) % lines.size
                Thread.sleep(1000)
            }
        }
    }

    fun now() = lines[current]
}

fun main() = println(TideFeed("tides.txt").now())
