<?php
interface Priority { public function compare(Arrival $a, Arrival $b): int; }
class Arrival { public function __construct(public string $quay, public int $tons) {} }
class Heaviest implements Priority { public function compare(Arrival $a, Arrival $b): int { return $b->tons <=> $a->tons; } }
class ByQuay implements Priority { public function compare(Arrival $a, Arrival $b): int { return $a->quay <=> $b->quay; } }
class Roster {
    private array $arrivals = [];
    public function __construct(private Priority $priority) {}
    public function rank(Priority $r): void { $this->priority = $r; }
    public function add(Arrival $v): void { $this->arrivals[] = $v; }
    public function ordered(): array { $all = $this->arrivals; usort($all, $this->priority->compare(...)); return $all; }
}
$r = new Roster(new Heaviest()); $r->rank(new ByQuay()); $r->ordered();
