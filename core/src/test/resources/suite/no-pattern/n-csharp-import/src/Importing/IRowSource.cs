namespace Aldera.Importing;

public interface IRowSource
{
    IEnumerable<string[]> Rows();
}
