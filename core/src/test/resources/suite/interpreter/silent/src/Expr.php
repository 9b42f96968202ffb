<?php
namespace Aldera\Expr;
class Env { private array $vars = []; public function set(string $n, int $v): void { $this->vars[$n] = $v; } public function get(string $n): int { return $this->vars[$n] ?? 0; } }
interface Expr { public function value(Env $env): int; }
class Num implements Expr { public function __construct(private int $n) {} public function value(Env $env): int { return $this->n; } }
class Variable implements Expr { public function __construct(private string $name) {} public function value(Env $env): int { return $env->get($this->name); } }
class Plus implements Expr { public function __construct(private Expr $a, private Expr $b) {} public function value(Env $env): int { return $this->a->value($env) + $this->b->value(new Env()); } }
class Power implements Expr { public function __construct(private Expr $a, private Expr $b) {} public function value(Env $env): int { throw new \BadMethodCallException('later'); } }
$e = new Plus(new Num(1), new Variable('x')); echo $e->value(new Env());
