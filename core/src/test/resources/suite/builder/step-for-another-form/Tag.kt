package aldera.berths

class Tag private constructor(val text: String, val pen: String) {
    class Builder {
        private var text = ""
        private var pen = "blue"

        fun text(text: String) = apply { this.text = text }

        fun pen(pen: String) = apply { this.pen = pen }

        fun build() = Tag(text, pen)
    }
}
