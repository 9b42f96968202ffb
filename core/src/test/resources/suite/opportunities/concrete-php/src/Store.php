<?php
namespace Aldera\Store;
interface ShipStore { public function save(string $ship): void; public function count(): int; }
class FileShipStore implements ShipStore { private int $n = 0; public function save(string $ship): void { $this->n++; } public function count(): int { return $this->n; } }
class MemoryShipStore implements ShipStore { private array $all = []; public function save(string $ship): void { $this->all[] = $ship; } public function count(): int { return count($this->all); } }
class Arrivals { public function __construct(private FileShipStore $store) {} public function enter(string $ship): void { $this->store->save($ship); } }
class Statistics { public function __construct(private ShipStore $store) {} public function today(): int { return $this->store->count(); } }
$store = new FileShipStore(); new Arrivals($store); new Statistics(new MemoryShipStore());
