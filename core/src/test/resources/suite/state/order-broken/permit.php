<?php
namespace Aldera\Permit;
interface Phase { public function sign(Permit $permit): void; public function reject(Permit $permit): void; }
final class Draft implements Phase {
    public function sign(Permit $permit): void { $permit->go(new Signed()); }
    public function reject(Permit $permit): void { $permit->go(new Rejected()); }
}
final class Signed implements Phase {
    public function sign(Permit $permit): void { throw new \DomainException('signed already'); }
    public function reject(Permit $permit): void { $permit->go(new Rejected()); }
}
final class Rejected implements Phase {
    public function sign(Permit $permit): void { throw new \DomainException('rejected'); }
    public function reject(Permit $permit): void {}
}
final class Expired implements Phase {
    public function sign(Permit $permit): void {}
    public function reject(Permit $permit): void {}
}
final class Permit {
    private Phase $phase;
    public function __construct(private string $ship) { $this->phase = new Draft(); }
    public function go(Phase $next): void { $this->phase = $next; }
    public function sign(): void { $this->phase->sign($this); }
    public function reject(): void { $this->phase->reject($this); }
    public function text(): string { return $this->ship; }
}
