package aldera.pipeline

data class Crate(val name: String, val kilos: Int, val marks: List<String> = emptyList())

fun interface Step {
    fun apply(crate: Crate): Crate
}

class Weigh : Step {
    override fun apply(crate: Crate) = crate.copy(marks = crate.marks + "${crate.kilos} kg")
}

class Seal(private val colour: String) : Step {
    override fun apply(crate: Crate) = crate.copy(marks = crate.marks + "sealed $colour")
}

class Line private constructor(private val steps: List<Step>) {
    fun run(crate: Crate): Crate = steps.fold(crate) { at, step -> step.apply(at) }

    class Builder {
        private val steps = mutableListOf<Step>()

        fun then(step: Step) = apply { steps += step }

        fun weighing() = then(Weigh())

        fun sealing(colour: String) = then(Seal(colour))

        fun build(): Line {
            require(steps.isNotEmpty()) { "a line does something" }
            return Line(steps.toList())
        }
    }

    companion object {
        fun of(vararg steps: Step) = Line(steps.toList())
    }
}

fun main() {
    val line = Line.Builder().weighing().sealing("red").then { it.copy(name = it.name.uppercase()) }.build()
    println(line.run(Crate("rope", 12)))
    println(Line.of(Weigh()).run(Crate("salt", 3)))
}
