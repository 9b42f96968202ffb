package ui

interface Button { fun click(): String }
interface Field { fun text(): String }

interface Kit {
    fun button(label: String): Button
    fun field(): Field
}

object DarkKit : Kit {
    override fun button(label: String): Button = DarkButton(label)
    override fun field(): Field = object : Field { override fun text() = "dark" }
}

class LightKit(private val accent: String) : Kit {
    override fun button(label: String): Button = LightButton(label, accent)
    override fun field(): Field = LightField()
}

class DarkButton(private val label: String) : Button { override fun click() = "[$label]" }
class LightButton(private val label: String, private val accent: String) : Button { override fun click() = "($label $accent)" }
class LightField : Field { override fun text() = "light" }

class Dialog(private val kit: Kit = DarkKit) {
    fun open() = kit.button("ok").click() + kit.field().text()
}

fun main() {
    println(Dialog().open() + Dialog(LightKit("blue")).open())
}
