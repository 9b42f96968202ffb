<?php
declare(strict_types=1);
namespace Aldera\Yard;

use Aldera\Crew\{Crew, Trip};

interface Afloat { public function draught(): float; }
trait Painted { private ?Paint $paint = null; public function paint(Paint $paint): static { $this->paint = $paint; return $this; } }
class Paint {}
class Engine {}
class Turbo {}
enum Trim: string { case Bow = 'b'; case Stern = 's'; }
abstract class Craft implements Afloat
{
    use Painted;
    protected Engine $engine;
    public function __construct(protected string $name, protected ?Turbo $turbo = null) { $this->engine = new Engine(); }
}
final class Skiff extends Craft
{
    /** @var array<string, Oar> */
    private array $oars = [];
    private Trim $trim = Trim::Bow;
    public function draught(): float { return 0.3; }
    public function add(Oar $oar): void { $this->oars[] = $oar; }
}
class Oar { public function __construct(public readonly int $length, private Maker|null $maker) {} }
class Maker { private static ?MakerLog $log = null; }
class MakerLog {}
