namespace Canteen;

public interface IDish
{
    int Minutes();
}

public class Soup : IDish
{
    public int Minutes() => 20;
}

public class Pie : IDish
{
    public int Minutes() => 45;
}
