package aldera.stock

sealed interface Item {
    fun <R> accept(visitor: ItemVisitor<R>): R
}

data class Coil(val metres: Int) : Item {
    override fun <R> accept(visitor: ItemVisitor<R>): R = visitor.coil(this)
}

data class Drum(val litres: Int) : Item {
    override fun <R> accept(visitor: ItemVisitor<R>): R = visitor.drum(this)
}

data class Pallet(val items: List<Item>) : Item {
    override fun <R> accept(visitor: ItemVisitor<R>): R = visitor.pallet(this)
}

interface ItemVisitor<R> {
    fun coil(coil: Coil): R
    fun drum(drum: Drum): R
    fun pallet(pallet: Pallet): R
}

object Weight : ItemVisitor<Int> {
    override fun coil(coil: Coil) = coil.metres * 2
    override fun drum(drum: Drum) = drum.litres
    override fun pallet(pallet: Pallet) = pallet.items.sumOf { it.accept(this) }
}

class Names : ItemVisitor<String> {
    override fun coil(coil: Coil) = "coil"
    override fun drum(drum: Drum) = "drum"
    override fun pallet(pallet: Pallet) = pallet.items.joinToString { it.accept(this) }
}
