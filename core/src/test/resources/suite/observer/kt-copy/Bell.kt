class Bell {
    private val handlers = mutableListOf<(String) -> Unit>()
    fun onRing(handler: (String) -> Unit) { handlers.add(handler) }
    fun ring(why: String) {
        val copy: List<(String) -> Unit> = synchronized(handlers) { handlers.toList() }
        for (handler in copy) handler(why)
    }
}
