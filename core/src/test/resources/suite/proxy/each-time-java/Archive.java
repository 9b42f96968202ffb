interface Archive { String page(int n); int pages(); }
class Vault implements Archive {
    public String page(int n) { return "page " + n; }
    public int pages() { return 9; }
}
class FarArchive implements Archive {
    private Vault vault;
    public String page(int n) { vault = new Vault(); return vault.page(n); }
    public int pages() { return 0; }
    public void close() { vault = null; }
}
class Scholar { String read(Archive a) { return a.page(1); } int size() { return new Vault().pages(); } }
