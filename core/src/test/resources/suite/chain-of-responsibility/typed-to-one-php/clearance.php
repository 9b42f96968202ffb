<?php
namespace Aldera;

interface Officer
{
    public function clear(Manifest $manifest): string;
}

final class Manifest
{
    public function __construct(public readonly int $crates, public readonly bool $food) {}
}

final class Clerk implements Officer
{
    public function __construct(private ?Vet $next = null) {}

    public function clear(Manifest $manifest): string
    {
        if ($manifest->crates < 10) {
            return 'clerk';
        }
        return $this->next?->clear($manifest) ?? 'held';
    }
}

final class Vet implements Officer
{
    public function __construct(private ?Officer $next = null) {}

    public function clear(Manifest $manifest): string
    {
        if ($manifest->food) {
            return 'vet';
        }
        if ($this->next === null) {
            return 'held';
        }
        return $this->next->clear($manifest);
    }
}

final class Master implements Officer
{
    public function clear(Manifest $manifest): string
    {
        return 'master';
    }
}

echo (new Clerk(new Vet(new Master())))->clear(new Manifest(40, false));
