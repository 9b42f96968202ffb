class Round {
    fun ring(handlers: List<(String) -> Unit>, why: String) {
        val copy: List<(String) -> Unit> = handlers.toList()
        for (handler in copy) handler(why)
    }
}
