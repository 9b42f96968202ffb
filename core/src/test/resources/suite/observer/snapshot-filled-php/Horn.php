<?php
interface Hearer { public function blown(int $seconds): void; }

class Horn {
    private \SplObjectStorage $hearers;
    private int $blownFor = 0;
    public function __construct() { $this->hearers = new \SplObjectStorage(); }
    public function add(Hearer $hearer): void { $this->hearers->attach($hearer); }
    public function leave(Hearer $hearer): void { $this->hearers->detach($hearer); }
    public function blow(int $seconds): void {
        $this->blownFor += $seconds;
        $now = [];
        foreach ($this->hearers as $hearer) { $now[] = $hearer; }
        foreach ($now as $hearer) { $hearer->blown($this->blownFor); }
    }
}
