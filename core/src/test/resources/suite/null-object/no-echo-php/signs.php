<?php
interface Sign { public function show(string $text): void; }
class Lamp implements Sign { public function show(string $text): void { echo strtoupper($text); } }
class Board implements Sign {
    private array $rows = [];
    public function show(string $text): void { $this->rows[] = $text; }
}
class Pier {
    private Sign $sign;
    public function __construct(Sign $sign) { $this->sign = $sign; }
    public function close(): void { $this->sign->show('closed'); }
}
(new Pier(new Lamp()))->close();
(new Pier(new Board()))->close();
