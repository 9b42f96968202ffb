package query;

import java.util.List;
import java.util.Map;

interface Query {
    boolean matches(Map<String, String> ship);
}

record Is(String field, String value) implements Query {
    @Override
    public boolean matches(Map<String, String> ship) {
        return value.equals(ship.get(field));
    }
}

record Anything() implements Query {
    @Override
    public boolean matches(Map<String, String> ship) {
        return true;
    }
}

final class And implements Query {
    private final Query left;
    private final Query right;

    And(Query left, Query right) {
        this.left = left;
        this.right = right;
    }

    @Override
    public boolean matches(Map<String, String> ship) {
        return left.matches(ship) && right.matches(ship);
    }
}

final class AnyOf implements Query {
    private final List<Query> queries;

    AnyOf(List<Query> queries) {
        this.queries = List.copyOf(queries);
    }

    @Override
    public boolean matches(Map<String, String> ship) {
        return queries.stream().anyMatch(query -> query.matches(ship));
    }
}

final class Near implements Query {
    private final Query inner;

    Near(Query inner) {
        this.inner = inner;
    }

    @Override
    public boolean matches(Map<String, String> ship) {
        throw new UnsupportedOperationException("near is for charts only");
    }
}

class Search {
    private final Query query;

    Search(Query query) {
        this.query = query;
    }

    long count(List<Map<String, String>> ships) {
        return ships.stream().filter(query::matches).count();
    }
}
