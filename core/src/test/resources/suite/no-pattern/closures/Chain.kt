class Request(val tons: Int, val flag: String)

typealias Next = (Request) -> String

fun interface Link {
    fun handle(request: Request, next: Next): String
}

class Weight(private val limit: Int) : Link {
    override fun handle(request: Request, next: Next) =
        if (request.tons > limit) "too heavy" else next(request)
}

class Flag(private val allowed: Set<String>) : Link {
    override fun handle(request: Request, next: Next) =
        if (request.flag in allowed) next(request) else "unknown flag"
}

class Gate(private val links: List<Link>) {
    fun ask(request: Request): String {
        val chain = links.foldRight<Link, Next>({ "welcome" }) { link, next -> { link.handle(it, next) } }
        return chain(request)
    }
}

fun main() {
    println(Gate(listOf(Weight(900), Flag(setOf("AL")))).ask(Request(40, "AL")))
}
