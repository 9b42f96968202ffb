namespace Engine;

public readonly record struct Vec(float X, float Y)
{
    public static Vec operator +(Vec a, Vec b) => new(a.X + b.X, a.Y + b.Y);
    public static Vec operator *(Vec a, float k) => new(a.X * k, a.Y * k);
    public static readonly Vec Zero = new(0, 0);
}

public abstract class Entity
{
    public Vec Position { get; protected set; }
    public bool Alive { get; private set; } = true;

    public void Tick(World world, float seconds)
    {
        if (!Alive) return;
        Move(seconds);
        if (Collides(world)) OnHit(world);
    }

    protected abstract void Move(float seconds);
    protected virtual bool Collides(World world) => false;
    protected virtual void OnHit(World world) => Alive = false;
}

public sealed class World
{
    private readonly List<Entity> _entities = [];
    private readonly Queue<Entity> _born = new();

    public int Count => _entities.Count;

    public void Spawn(Entity entity) => _born.Enqueue(entity);

    public void Tick(float seconds)
    {
        while (_born.TryDequeue(out var entity)) _entities.Add(entity);
        foreach (var entity in _entities) entity.Tick(this, seconds);
        _entities.RemoveAll(entity => !entity.Alive);
    }

    public IEnumerable<T> Near<T>(Vec at, float radius) where T : Entity
    {
        foreach (var entity in _entities)
            if (entity is T match && MathF.Abs(match.Position.X - at.X) < radius) yield return match;
    }
}
