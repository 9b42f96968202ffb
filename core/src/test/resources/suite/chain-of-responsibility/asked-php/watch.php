<?php
abstract class Watch {
    abstract protected function next(): ?Watch;
    abstract protected function attempt(int $fault): ?string;
    public function handle(int $fault): ?string { return $this->attempt($fault) ?? $this->next()?->handle($fault); }
}
final class Sluice extends Watch {
    public function __construct(private ?Watch $next = null) {}
    protected function next(): ?Watch { return $this->next; }
    protected function attempt(int $fault): ?string { return $fault < 3 ? 'sluice' : null; }
}
final class Gatehouse extends Watch {
    public function __construct(private ?Watch $next = null) {}
    protected function next(): ?Watch { return $this->next; }
    protected function attempt(int $fault): ?string { return $fault < 7 ? 'gatehouse' : null; }
}
function report(int $fault) { return (new Sluice(new Gatehouse()))->handle($fault); }
