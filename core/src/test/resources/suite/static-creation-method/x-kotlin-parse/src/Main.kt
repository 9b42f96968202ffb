fun main() {
    val versions = listOf("1.2", "1.10-beta").map { Version.parse(it) } + Version.of(2)
    println(versions.max())
}
