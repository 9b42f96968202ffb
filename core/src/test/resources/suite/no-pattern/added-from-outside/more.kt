fun Manifest.copyFrom(other: Manifest, most: Int) {
    for (line in other.lines().take(most)) {
        if (line.isNotBlank()) keep(line.trim())
    }
}

fun main() {
    Paper(mutableListOf()).copyFrom(Blank, 3)
}
