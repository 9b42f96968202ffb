<?php
interface Lookout { public function heard(): void; }
class Tower implements Lookout { public int $n = 0; public function heard(): void { $this->n++; } }
class FogHorn {
    /** @var Lookout[] */
    private array $lookouts = [];
    public function add(Lookout $r): void { $this->lookouts[] = $r; }
    public function remove(Lookout $r): void { $this->lookouts = array_filter($this->lookouts, fn ($o) => $o !== $r); }
    private int $blasts = 0;
    public function blast(): void { $this->blasts++; array_walk($this->lookouts, static function (Lookout $r): void { $r->heard(); }); }
}
$b = new FogHorn(); $b->add(new Tower()); $b->blast();
