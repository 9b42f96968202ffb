import java.util.concurrent.CompletableFuture;
interface Chart { CompletableFuture<Integer> depth(String at); }
class Store implements Chart {
    public CompletableFuture<Integer> depth(String at) { return CompletableFuture.completedFuture(at.length()); }
}
class Late implements Chart {
    private CompletableFuture<Store> store;
    private synchronized CompletableFuture<Store> open() {
        if (store == null) store = CompletableFuture.supplyAsync(Store::new);
        return store;
    }
    public CompletableFuture<Integer> depth(String at) { return open().thenCompose(one -> one.depth(at)); }
}
