import java.util.*;
class Manifest {
    final String from; final String to; final List<String> goods;
    Manifest(String from, String to, List<String> goods) { this.from = from; this.to = to; this.goods = goods; }
}
class ManifestBuilder {
    private String from; private String to; private final List<String> goods = new ArrayList<>();
    ManifestBuilder from(String port) { from = port; return this; }
    ManifestBuilder to(String port) { to = port; return this; }
    ManifestBuilder carry(String good) { goods.add(good); return this; }
    Manifest build() {
        if (from == null) throw new IllegalStateException("no port");
        return new Manifest(from, to, List.copyOf(goods));
    }
}
class Agent { Manifest write() { return new ManifestBuilder().from("Aldera").to("Sund").carry("salt").build(); } }
