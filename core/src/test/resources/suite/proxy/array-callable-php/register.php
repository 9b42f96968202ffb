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

class GuardedRegister
{
    public function __construct(private Register $register, private bool $open)
    {
    }

    public function __call(string $name, array $given)
    {
        if (!$this->open) {
            throw new RuntimeException('closed');
        }
        return call_user_func_array([$this->register, $name], $given);
    }
}

$register = new GuardedRegister(new Register(), true);
$register->enter('Aurora');
echo $register->count();
