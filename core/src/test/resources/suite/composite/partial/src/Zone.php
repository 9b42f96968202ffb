<?php
namespace Aldera\Zone;
interface Zone { public function area(): int; public function close(): void; }
class Pier implements Zone { private bool $open = true; public function area(): int { return 300; } public function close(): void { $this->open = false; } }
class Park implements Zone { private int $n = 0; public function area(): int { return 900; } public function close(): void { $this->n++; } }
class District implements Zone
{
    /** @var Zone[] */
    private array $zones = [];
    public function add(Zone $zone): void { $this->zones[] = $zone; }
    public function area(): int { return array_sum(array_map(fn (Zone $z) => $z->area(), $this->zones)); }
    public function close(): void
    {
        foreach ($this->zones as $zone) {
            if ($zone instanceof Park) { continue; }
            $zone->close();
        }
    }
}
class Warden { public function night(Zone $zone): int { if ($zone instanceof District) { $zone->close(); } return $zone->area(); } }
$d = new District(); $d->add(new Pier()); $d->add(new Park()); (new Warden())->night($d);
