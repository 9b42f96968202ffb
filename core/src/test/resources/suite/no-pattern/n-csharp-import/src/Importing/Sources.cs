namespace Aldera.Importing;

public sealed class CsvSource(string path, char separator = ';') : IRowSource
{
    public IEnumerable<string[]> Rows()
    {
        foreach (var line in File.ReadLines(path))
        {
            yield return line.Split(separator);
        }
    }
}

public sealed class ExcelSource(ExcelWorkbook workbook) : IRowSource
{
    public IEnumerable<string[]> Rows()
    {
        for (var row = 1; row <= workbook.LastRow; row++)
        {
            yield return workbook.ReadCells(row).Select(cell => cell.ToString()).ToArray();
        }
    }
}

public sealed class ExcelWorkbook
{
    private readonly Dictionary<(int, int), object> cells = new();
    public int LastRow => cells.Keys.Max(key => key.Item1);
    public IEnumerable<object> ReadCells(int row) => cells.Where(cell => cell.Key.Item1 == row).Select(cell => cell.Value);
}
