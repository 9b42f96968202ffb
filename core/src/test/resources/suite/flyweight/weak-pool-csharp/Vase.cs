namespace Pottery;

public class Vase(GlazeShelf shelf)
{
    private readonly List<Glaze> coats = [];

    public void Paint(string tone) => coats.Add(shelf.Get(tone, 1240));
}
