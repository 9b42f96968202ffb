<?php
namespace Aldera\Price;
interface Price { public function cents(): int; public function text(): string; }
class Flat implements Price { public function __construct(private int $cents = 900) {} public function cents(): int { return $this->cents; } public function text(): string { return 'flat'; } }
class Season implements Price { public function cents(): int { return 1200; } public function text(): string { return 'season'; } }
class WithTax implements Price { public function __construct(private Price $price) {} public function cents(): int { return (int) ($this->price->cents() * 1.21); } public function text(): string { return $this->price->text() . ' incl. tax'; } }
class Rounded implements Price { private Price $price; public function __construct() { $this->price = new Flat(); } public function cents(): int { return intdiv($this->price->cents(), 100) * 100; } public function text(): string { return '~' . $this->price->text(); } }
echo (new WithTax(new Season()))->text(), (new WithTax(new Rounded()))->cents();
