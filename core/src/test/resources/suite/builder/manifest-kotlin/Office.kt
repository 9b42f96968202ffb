class Office {
    fun monday(): Manifest = manifest("Aldera Star") {
        line("oranges", 40)
        line("paint", 3)
        dangerous()
    }
}
