<?php
class Register
{
    private array $ships = [];

    public function enter(string $ship): void
    {
        $this->ships[] = $ship;
    }

    public function count(): int
    {
        return count($this->ships);
    }
}

class LateRegister
{
    private ?Register $register = null;

    public function __call(string $name, array $given): mixed
    {
        $register = $this->real();
        return $register->$name(...$given);
    }

    private function real(): Register
    {
        return $this->register ??= new Register();
    }
}

$register = new LateRegister();
$register->enter('Aurora');
echo $register->count();
