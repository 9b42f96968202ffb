interface Form { String text(); }
class Import implements Form { public String text() { return "import"; } }
class Export implements Form { public String text() { return "export"; } }
class Desk {
    private int served;
    void serve(String kind) {
        Form form;
        if (kind.equals("in")) form = new Import(); else form = new Export();
        System.out.println(form.text());
        served++;
    }
}
