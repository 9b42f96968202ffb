<?php
namespace Aldera\Berths;

final class Register
{
    private array $rows = [];
    public function add(string $row): void { $this->rows[] = $row; }
}

function register(): Register
{
    static $one = null;
    if ($one === null) {
        $one = new Register();
    }
    return $one;
}

function counted(): int
{
    static $one = 0;
    $one++;
    return $one;
}
