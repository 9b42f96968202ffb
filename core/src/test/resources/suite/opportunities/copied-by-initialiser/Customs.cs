namespace Harbour;

public class Customs
{
    private Manifest last = new();

    public Manifest Duplicate(Manifest manifest)
    {
        last = new Manifest
        {
            Ship = manifest.Ship,
            Goods = manifest.Goods,
            Tons = manifest.Tons,
        };
        return last;
    }

    public bool Check() => last.Heavy();
}
