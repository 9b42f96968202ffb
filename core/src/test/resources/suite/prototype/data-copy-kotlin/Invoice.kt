package office

interface Template {
    fun fresh(): Template
    fun title(): String
}

data class Invoice(val to: String, val lines: MutableList<String> = mutableListOf()) : Template {
    override fun fresh(): Invoice = copy(lines = lines.toMutableList())
    override fun title() = "invoice to $to"
    fun line(text: String) { lines.add(text) }
}

data class Reminder(val to: String, val days: Int) : Template {
    override fun fresh(): Reminder = copy()
    override fun title() = "reminder to $to after $days days"
}

class Office(private val templates: Map<String, Template>) {
    fun start(kind: String): Template = templates.getValue(kind).fresh()
}
