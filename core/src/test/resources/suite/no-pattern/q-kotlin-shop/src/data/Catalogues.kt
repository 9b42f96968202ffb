package shop.data

import shop.domain.Catalogue
import shop.domain.Sku
import java.math.BigDecimal
import java.time.Instant

class FileCatalogue(path: String) : Catalogue {
    private val prices = java.io.File(path).readLines().associate { line ->
        val (sku, price) = line.split(',')
        Sku(sku) to price.toBigDecimal()
    }

    override fun price(sku: Sku) = prices[sku]
}

class CachedCatalogue(private val delegate: Catalogue, private val clock: () -> Instant = Instant::now) : Catalogue {
    private val cache = HashMap<Sku, Pair<Instant, BigDecimal?>>()

    override fun price(sku: Sku): BigDecimal? {
        val hit = cache[sku]
        if (hit != null && hit.first > clock().minusSeconds(60)) return hit.second
        return delegate.price(sku).also { cache[sku] = clock() to it }
    }
}
