import java.util.*;
interface Rate { int value(Map<String, Integer> table); }
class Fixed implements Rate { private final int n; Fixed(int n) { this.n = n; } public int value(Map<String, Integer> t) { return n; } }
class Named implements Rate { private final String name; Named(String s) { name = s; } public int value(Map<String, Integer> t) { return t.getOrDefault(name, 0); } }
class Sum implements Rate {
    private final Rate left; private final Rate right;
    Sum(Rate l, Rate r) { left = l; right = r; }
    public int value(Map<String, Integer> t) { return left.value(t) + right.value(t); }
}
class Twice implements Rate { private final Rate of; Twice(Rate r) { of = r; } public int value(Map<String, Integer> t) { return 2 * of.value(t); } }
class Bill { int sum(Rate r) { return r.value(Map.of("pilot", 9)); } }
