<?php
interface Order { public function carryOut(): void; }
class Crane { private int $at = 0; public function lift(): void { $this->at++; } public function lower(): void { $this->at--; } }
class Lift implements Order { public function __construct(private Crane $crane) {} public function carryOut(): void { $this->crane->lift(); } }
class Lower implements Order { public function __construct(private Crane $crane) {} public function carryOut(): void { $this->crane->lower(); } }
class Office {
    /** @var Order[] */
    private $waiting;
    public function __construct() { $this->waiting = new SplPriorityQueue(); }
    public function accept(Order $order): void { $this->waiting->insert($order, 1); }
    public function work(): void {
        while ($this->waiting->valid()) { $this->waiting->extract()->carryOut(); }
    }
}
class Foreman { public function plan(Office $office, Crane $crane): void { $office->accept(new Lift($crane)); $office->accept(new Lower($crane)); } }
