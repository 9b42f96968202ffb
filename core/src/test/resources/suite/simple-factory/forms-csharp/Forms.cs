namespace Aldera;
public interface IForm
{
    string Text();
}
public class ImportForm : IForm
{
    public string Text() => "import";
}
public class ExportForm : IForm
{
    public string Text() => "export";
}
public class FormMaker
{
    public IForm Make(string kind) => kind switch
    {
        "in" => new ImportForm(),
        "out" => new ExportForm(),
        _ => throw new System.ArgumentException(kind)
    };
}
public class Clerk
{
    public string Fill(FormMaker maker) => maker.Make("in").Text();
}
