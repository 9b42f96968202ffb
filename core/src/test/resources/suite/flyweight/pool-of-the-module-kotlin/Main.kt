package flags

fun main() {
    println(Flag.of("blue") === Flag.of("blue"))
}
