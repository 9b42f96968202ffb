<?php


class Gate {
    private array $told = [];
    private int $level = 0;
    public function join(int $limit, $who): void { $this->told[] = [$limit, $who]; }
    public function rise(int $by): void {
        $this->level += $by;
        foreach ($this->told as [$limit, $who]) { if ($this->level > $limit) { $who->alarm($this->level); } }
    }
}
class Siren { public function alarm(int $l): void { echo $l; } }
class Board { public function alarm(int $l): void { echo 'b', $l; } }
$g = new Gate(); $g->join(3, new Siren()); $g->join(4, new Board()); $g->rise(5);
