namespace Aldera.Reports;

public interface IExporter
{
    string Export(string text);
}

public sealed class PdfExporter : IExporter
{
    public string Export(string text) => "pdf " + text;
}

public sealed class CsvExporter : IExporter
{
    public string Export(string text) => "csv " + text;
}

public abstract class ReportJob
{
    protected abstract IExporter CreateExporter();

    public string Run(string text)
    {
        var exporter = CreateExporter();
        return exporter.Export(text.Trim());
    }
}

public sealed class MonthlyJob : ReportJob
{
    protected override IExporter CreateExporter() => new PdfExporter();
}

public sealed class DailyJob : ReportJob
{
    protected override IExporter CreateExporter() => new CsvExporter();
}
