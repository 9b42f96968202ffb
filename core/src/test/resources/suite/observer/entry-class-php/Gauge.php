<?php
namespace Aldera;
interface Alarm { public function alarm(int $level): void; }
class Siren implements Alarm { public function alarm(int $level): void { echo '!'; } }
class Board implements Alarm { public function alarm(int $level): void { echo $level; } }
final class Entry { public function __construct(public readonly int $limit, public readonly Alarm $alarm) {} }
class Gauge {
    /** @var Entry[] */
    private array $entries = [];
    private int $level = 0;
    public function join(int $limit, Alarm $alarm): void { $this->entries[] = new Entry($limit, $alarm); }
    public function rise(int $by): void {
        $this->level += $by;
        foreach ($this->entries as $e) { if ($this->level > $e->limit) { $e->alarm->alarm($this->level); } }
    }
}
$g = new Gauge(); $g->join(3, new Siren()); $g->join(5, new Board()); $g->rise(4);
