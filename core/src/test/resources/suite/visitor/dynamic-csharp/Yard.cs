namespace Quarry;

public class Yard
{
    private readonly List<Rock> rocks = [];

    public void Bring(Rock rock) => rocks.Add(rock);

    public IEnumerable<T> Each<T>(IRockVisitor<T> visitor) => rocks.Select(rock => rock.Accept(visitor));

    public decimal Worth() => Each(new Pricing()).Sum();

    public string Sign() => string.Join(", ", Each(new Labels()));
}
