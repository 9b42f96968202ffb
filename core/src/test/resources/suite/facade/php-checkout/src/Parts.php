<?php
namespace Aldera\Checkout;
class Stock { private array $left = ['rope' => 3]; public function reserve(string $item): bool { return ($this->left[$item] ?? 0) > 0 && $this->left[$item]-- > 0; } }
class Payment { private int $sum = 0; public function charge(int $cents): string { $this->sum += $cents; return 'r' . $this->sum; } }
class Delivery { public function plan(string $item): string { return "$item tomorrow"; } }
