<?php
interface Pump { public function start(): void; public function level(): int; public function parts(): array; public function lines(): iterable; public function each(): \Iterator; public function when(): ?\DateTime; }
class RealPump implements Pump { private int $l = 0; public function start(): void { $this->l++; } public function level(): int { return $this->l; } public function parts(): array { return ['a']; } public function lines(): iterable { yield 'a'; } public function each(): \Iterator { return new \ArrayIterator(['a']); } public function when(): ?\DateTime { return new \DateTime(); } }
class NoPump implements Pump { public function start(): void {} public function level(): int { return 0; } public function parts(): array { return array(); } public function lines(): iterable { return []; } public function each(): \Iterator { return new \EmptyIterator(); } public function when(): ?\DateTime { return null; } }
class Dock { public function __construct(private Pump $pump = new NoPump()) {} public function go(): void { $this->pump->start(); } }
(new Dock(new RealPump()))->go(); (new Dock())->go();
