namespace Sheets;

public sealed class Stamp(Cell template)
{
    public IEnumerable<Cell> Times(int count)
    {
        for (var i = 0; i < count; i++)
        {
            var cell = (Cell)template.Clone();
            cell.Name = $"{template.Name}{i}";
            yield return cell;
        }
    }
}
