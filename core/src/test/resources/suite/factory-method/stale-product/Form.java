package aldera;
interface Form { String print(); }
class ImportForm implements Form { public String print() { return "import"; } }
class ExportForm implements Form { public String print() { return "export"; } }
abstract class Office {
  Form newForm() { return new ImportForm(); }
  String serve() { return newForm().print(); }
}
class ImportOffice extends Office {}
class ExportOffice extends Office {
  private final Form kept = new ExportForm();
  @Override Form newForm() { return kept; }
}
class TransitOffice extends Office {
  @Override ExportForm newForm() { return new ExportForm(); }
}
class Hall {
  String all(java.util.List<Office> offices) {
    StringBuilder out = new StringBuilder();
    for (Office office : offices) {
      Form form = office.newForm();
      if (form instanceof ExportForm) out.append('E');
      out.append(office.serve());
    }
    return out.toString();
  }
}
