namespace Aldera.Printing;

public abstract partial class Report
{
    private readonly IPrinter printer;

    protected Report(IPrinter printer) => this.printer = printer;

    public abstract void Print();
}
