using Engine;

namespace Game;

public interface ISteering
{
    Vec Next(Vec position, float seconds);
}

public sealed class Straight(Vec speed) : ISteering
{
    public Vec Next(Vec position, float seconds) => position + speed * seconds;
}

public sealed class Weaving : ISteering
{
    private float _time;

    public Vec Next(Vec position, float seconds)
    {
        _time += seconds;
        return position + new Vec(MathF.Sin(_time), 1) * seconds;
    }
}

public class Ship : Entity
{
    private ISteering _steering;

    public Ship(Vec start, ISteering steering)
    {
        Position = start;
        _steering = steering;
    }

    public void SteerWith(ISteering steering) => _steering = steering;

    protected override void Move(float seconds) => Position = _steering.Next(Position, seconds);

    protected override bool Collides(World world) => world.Near<Rock>(Position, 0.5f).Any();
}

public sealed class Rock(Vec start) : Entity
{
    private Vec _drift = new(0, -1);

    protected override void Move(float seconds) => Position = start + (_drift *= 0.99f);
}
