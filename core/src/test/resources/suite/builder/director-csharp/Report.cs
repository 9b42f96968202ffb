using System.Text;
using System.Collections.Generic;

namespace Aldera.Reports;

public sealed class Report
{
    public List<string> Parts { get; } = new();
}

public interface IReportBuilder
{
    void AddTitle(string text);
    void AddTable(int rows);
    Report Finish();
}

public sealed class PlainReportBuilder : IReportBuilder
{
    private Report report = new();
    public void AddTitle(string text) => report.Parts.Add(text);
    public void AddTable(int rows) => report.Parts.Add($"{rows} rows");
    public Report Finish()
    {
        var done = report;
        report = new Report();
        return done;
    }
}

public sealed class BriefReportBuilder : IReportBuilder
{
    private Report report = new();
    public void AddTitle(string text) => report.Parts.Add(text.ToUpper());
    public void AddTable(int rows) { }
    public Report Finish()
    {
        var done = report;
        report = new Report();
        return done;
    }
}

public sealed class MonthlyDirector
{
    public Report Make(IReportBuilder builder)
    {
        builder.AddTitle("Month");
        builder.AddTable(31);
        return builder.Finish();
    }
}
