package aldera.berths

class Flag private constructor(val country: String, val height: Int) {
    fun newBuilder() = Builder().country(country)

    class Builder {
        private var country = "Aldera"
        private var height = 2

        fun country(country: String) = apply { this.country = country }

        fun height(height: Int) = apply { this.height = height }

        fun build() = Flag(country, height)
    }
}
