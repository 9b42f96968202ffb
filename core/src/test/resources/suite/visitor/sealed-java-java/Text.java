package tariff;

import java.util.stream.Collectors;

public final class Text implements Node.Cases<String> {
    @Override
    public String fixed(Fixed node) {
        return node.cents() + " c";
    }

    @Override
    public String perDay(PerDay node) {
        return node.cents() + " c a day";
    }

    @Override
    public String sum(Sum node) {
        return node.parts().stream().map(part -> part.match(this)).collect(Collectors.joining(" + "));
    }
}
