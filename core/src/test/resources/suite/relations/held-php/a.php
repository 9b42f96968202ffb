<?php
namespace Aldera\Rel;

interface Moorable {}
trait Logs { private array $lines = []; protected function log(string $l): void { $this->lines[] = $l; } }
abstract class Craft { public function __construct(protected Pilot $pilot) {} }
class Pilot {}
class Line { public function tie(): void {} }
final class Barge extends Craft implements Moorable
{
    use Logs;
    private ?Flag $flag = null;
    public function moor(): void { (new Line())->tie(); $this->log('x'); }
}
class Flag {}
