import shop.data.CachedCatalogue
import shop.data.FileCatalogue
import shop.domain.Cart
import shop.domain.Percent
import shop.domain.Sku
import shop.domain.ThirdFree

fun main() {
    val catalogue = CachedCatalogue(FileCatalogue("prices.csv"))
    val cart = Cart(catalogue, listOf(Percent(10), ThirdFree(Sku("rope"))))
    println(cart.add(Sku("rope"), 6).add(Sku("tar")).total())
}
