<?php
namespace Aldera\Crew;

use Aldera\Yard\Craft;
use Aldera\Yard\Skiff as Boat;

class Crew
{
    /** @var Boat[] */
    private $boats = [];
    public function row(Boat $boat): Trip { if ($boat->draught() > 1) { throw new TooDeep(); } return new Trip($boat); }
}
class Trip { public function __construct(private Craft $craft) {} }
class TooDeep extends \RuntimeException {}
