package config

import java.io.File
import java.util.Properties

data class HarbourConfig(
    val name: String,
    val berths: Int,
    val mail: MailConfig = MailConfig(),
)

data class MailConfig(val host: String = "localhost", val port: Int = 25)

sealed class Outcome<out T> {
    data class Ok<T>(val value: T) : Outcome<T>()
    data class Failed(val why: String) : Outcome<Nothing>()
}

inline fun <T, R> Outcome<T>.then(next: (T) -> Outcome<R>): Outcome<R> = when (this) {
    is Outcome.Ok -> next(value)
    is Outcome.Failed -> this
}

class ConfigReader(private val file: File) {
    fun read(): Outcome<HarbourConfig> = load().then(::parse)

    private fun load(): Outcome<Properties> =
        if (file.exists()) Outcome.Ok(Properties().apply { file.inputStream().use(::load) })
        else Outcome.Failed("no file ${file.name}")

    private fun parse(properties: Properties): Outcome<HarbourConfig> {
        val name = properties.getProperty("name") ?: return Outcome.Failed("name is missing")
        val berths = properties.getProperty("berths")?.toIntOrNull() ?: return Outcome.Failed("berths is no number")
        return Outcome.Ok(HarbourConfig(name, berths))
    }
}

object Defaults {
    const val BERTHS = 12
    val names = listOf("Aldera", "Mole")
}

fun String.toSlug() = lowercase().replace(Regex("[^a-z]+"), "-")
