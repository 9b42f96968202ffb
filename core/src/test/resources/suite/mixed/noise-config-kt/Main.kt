package config

import java.io.File

fun main(args: Array<String>) {
    when (val outcome = ConfigReader(File(args.firstOrNull() ?: "harbour.properties")).read()) {
        is Outcome.Ok -> println("${outcome.value.name.toSlug()} ${outcome.value.mail.port}")
        is Outcome.Failed -> println(outcome.why + Defaults.BERTHS)
    }
}
