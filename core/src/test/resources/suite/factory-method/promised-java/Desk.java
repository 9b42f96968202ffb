import java.util.concurrent.CompletableFuture;
interface Slip { String text(); }
class BulkSlip implements Slip { public String text() { return "bulk"; } }
class TankSlip implements Slip { public String text() { return "tank"; } }
abstract class Desk {
    protected abstract CompletableFuture<Slip> open();
    CompletableFuture<String> book() { return open().thenApply(Slip::text); }
}
class BulkDesk extends Desk { protected CompletableFuture<Slip> open() { return CompletableFuture.completedFuture(new BulkSlip()); } }
class TankDesk extends Desk { protected CompletableFuture<Slip> open() { return CompletableFuture.supplyAsync(TankSlip::new); } }
