package aldera;

import java.util.List;

public record Convoy(String name, List<String> ships, String escort) {
}
