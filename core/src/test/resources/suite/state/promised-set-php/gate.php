<?php
interface Door { public function become(Position $position): void; }
interface Position { public function press(Door $door): void; }
final class Open implements Position { public function press(Door $door): void { $door->become(new Closed()); } }
final class Closed implements Position { public function press(Door $door): void { $door->become(new Open()); } }
final class LockGate implements Door {
    private Position $position;
    public function __construct() { $this->position = new Closed(); }
    public function become(Position $position): void { $this->position = $position; }
    public function press(): void { $this->position->press($this); }
}
