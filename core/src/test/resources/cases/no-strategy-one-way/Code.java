interface Store { String get(int k); }
class Disk implements Store { public String get(int k) { return "" + k; } }
class Service { private final Store store; Service(Store s) { store = s; } String ask(int k) { return store.get(k); } }
