class Version private constructor(val major: Int, val minor: Int, val label: String?) : Comparable<Version> {
    override fun compareTo(other: Version) = compareValuesBy(this, other, Version::major, Version::minor)

    override fun toString() = "$major.$minor" + (label?.let { "-$it" } ?: "")

    companion object {
        private val PATTERN = Regex("""(\d+)\.(\d+)(?:-(\w+))?""")

        fun parse(text: String): Version {
            val match = requireNotNull(PATTERN.matchEntire(text)) { "no version: $text" }
            val (major, minor, label) = match.destructured
            return Version(major.toInt(), minor.toInt(), label.ifEmpty { null })
        }

        fun of(major: Int, minor: Int = 0) = Version(major, minor, null)
    }
}
