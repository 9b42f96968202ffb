using Engine;
using Game;

var world = new World();
var ship = new Ship(Vec.Zero, new Straight(new Vec(0, 1)));
world.Spawn(ship);
world.Spawn(new Rock(new Vec(0, 9)));
for (var i = 0; i < 600 && world.Count > 0; i++)
{
    if (i == 60) ship.SteerWith(new Weaving());
    world.Tick(1 / 60f);
}
