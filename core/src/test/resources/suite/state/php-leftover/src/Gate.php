<?php
namespace Aldera\Gate;
interface GateState { public function push(Gate $gate): void; public function colour(): string; }
class Closed implements GateState { public function push(Gate $gate): void { $gate->become(new Opened()); } public function colour(): string { return 'red'; } }
class Opened implements GateState { public function push(Gate $gate): void { $gate->become(new Closed()); } public function colour(): string { return 'green'; } }
class Jammed implements GateState { public function push(Gate $gate): void {} public function colour(): string { return 'amber'; } }
class Gate
{
    private GateState $state;
    public function __construct() { $this->state = new Closed(); }
    public function become(GateState $state): void { $this->state = $state; }
    public function push(): void { if ($this->state instanceof Jammed) { return; } $this->state->push($this); }
    public function lamp(): string { return $this->state->colour(); }
}
$g = new Gate(); $g->push(); echo $g->lamp();
