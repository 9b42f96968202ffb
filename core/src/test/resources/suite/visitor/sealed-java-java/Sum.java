package tariff;

import java.util.List;

public record Sum(List<Node> parts) implements Node {
    @Override
    public <R> R match(Cases<R> cases) {
        return cases.sum(this);
    }
}
