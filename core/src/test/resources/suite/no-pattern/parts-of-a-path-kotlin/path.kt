package aldera

class Path(private val ports: List<String>, val open: Boolean) {
    fun before(): Path? = if (ports.size != 2) Path(ports.subList(0, ports.size - 1), open) else null
    fun first(): Path = Path(ports.subList(0, 2), open)
    fun rest(): Path = Path(ports.drop(1), open)
    fun length() = ports.size
}

class Pilot(private val path: Path) {
    fun next() = (path.before() ?: path.first()).rest().length()
}
