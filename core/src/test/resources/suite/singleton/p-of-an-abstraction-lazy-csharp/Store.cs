namespace Till;

public abstract class Store
{
    private static Store? current;
    private readonly Dictionary<string, int> stock = new();

    public static Store Current
    {
        get
        {
            if (current == null)
            {
                current = new FileStore();
            }
            return current;
        }
    }

    public void Put(string what, int count) => stock[what] = count;

    public abstract void Save();

    private sealed class FileStore : Store
    {
        public override void Save() => File.WriteAllText("stock", string.Join(",", stock.Keys));
    }
}

public class Clerk
{
    public void Close()
    {
        Store.Current.Put("tea", 4);
        Store.Current.Save();
    }
}
